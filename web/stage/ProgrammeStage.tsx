import type { ReactNode } from 'react';
import type { Programme } from '../answers.types';
import { TrackLayers } from '../tracks/TrackLayers';
import { pageOf } from './page';
import { seenAt } from './programme';
import { Stage } from './Stage';

/** What is seen of a programme at a moment of narration. */
export function ProgrammeStage({
  programme,
  at,
  children,
  className,
}: {
  programme: Programme;
  at: number;
  children?: ReactNode;
  className?: string;
}) {
  const shown = seenAt(programme, at);
  const slide = shown ? programme.slides[shown.slide] : undefined;
  if (!shown || !slide) return <div className="aspect-video w-full bg-sheet" />;
  return (
    <Stage
      svg={slide.svg}
      steps={slide.steps}
      step={shown.step}
      label={slide.descriptions[shown.step] || slide.title}
      className={className}
      page={pageOf(slide)}
    >
      <TrackLayers tracks={programme.tracks} at={at} slide={shown.slide} page={pageOf(slide)} />
      {children}
    </Stage>
  );
}
