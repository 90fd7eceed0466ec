import type { ReactNode } from 'react';
import { InkLayer } from './InkLayer';
import { type Programme, pictureAt, pointerAt, strokesAt } from './programme';
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
  const picture = pictureAt(programme, at);
  const slide = picture ? programme.slides[picture.slide] : undefined;
  if (!picture || !slide) return <div className="aspect-video w-full bg-sheet" />;
  return (
    <Stage
      svg={slide.svg}
      steps={slide.steps}
      step={picture.step}
      label={slide.descriptions[picture.step] || slide.title}
      className={className}
    >
      <InkLayer strokes={strokesAt(programme, picture.slide, at)} pointer={pointerAt(programme, at)} />
      {children}
    </Stage>
  );
}
