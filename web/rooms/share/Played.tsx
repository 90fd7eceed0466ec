import { useQuery } from '@tanstack/react-query';
import type { Programme } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Preview } from '../../stage/Preview';
import { Stage } from '../../stage/Stage';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';

/** The newest version, played as the class gets it. */
export function Played({ release }: { release: string }) {
  const programme = useQuery({
    queryKey: ['release', release],
    queryFn: () => ask<Programme>('GET', `/api/releases/${release}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (programme.isError) return <Notice tone="trouble">{sentence(programme.error)}</Notice>;
  return programme.data ? (
    <Preview key={release} programme={programme.data} />
  ) : (
    <div className="aspect-video bg-sheet" />
  );
}

/** Before anything is shared: the first slide, as it begins. */
export function FirstSlide() {
  const desk = useDesk();
  const slide = desk.document.parts.flatMap((part) => part.slides).find((each) => !each.side);
  const scene = slide && desk.scenes[slide.id];
  return scene ? (
    <Stage svg={scene.svg} steps={slide.steps.map((step) => step.id)} step={0} label={slide.title} />
  ) : null;
}
