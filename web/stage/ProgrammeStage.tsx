import { type ReactNode, useMemo } from 'react';
import type { Programme } from '../answers.types';
import { type Act, actsAt, statesAt } from '../tracks/acts/show';
import { type Filmed, filmedAt } from '../tracks/footage/show';
import { TrackLayers } from '../tracks/TrackLayers';
import { viewAt } from '../tracks/views/show';
import { Film } from './Film';
import { pageOf } from './page';
import { seenAt } from './programme';
import { type LiveGroups, Stage } from './Stage';

/** What is seen of a programme at a moment of narration. */
export function ProgrammeStage({
  programme,
  at,
  children,
  className,
  taken,
}: {
  programme: Programme;
  at: number;
  children?: ReactNode;
  className?: string;
  /** What a student has taken over, in place of what the lesson shows of it. */
  taken?: LiveGroups[];
}) {
  const shown = seenAt(programme, at);
  const slide = shown ? programme.slides[shown.slide] : undefined;
  const done = shown ? actsAt(programme, at, shown.slide) : [];
  const last = done.reduce<Act | undefined>(
    (newest, act) => (newest && newest.from > act.from ? newest : act),
    undefined,
  );
  const names = done.map((act) => act.state).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the same states are the same things until others come
  const states = useMemo(() => (shown ? statesAt(programme, at, shown.slide) : []), [programme, shown?.slide, names]);
  if (!shown || !slide) return <div className="aspect-video w-full bg-sheet" />;
  const filmed = filmedAt(programme.tracks, at, shown.slide);
  const seenFilm = (place: Filmed['place']) => {
    const film = filmed.find((each) => each.place === place);
    const src = film && programme.films[film.footage];
    if (!film || !src) return undefined;
    const label = film.source === 'camera' ? 'The teacher, filmed' : film.description;
    const fit = place === 'beside' ? 'cover' : 'contain';
    return <Film key={src} src={src} seconds={Math.max(0, at - film.begins) / 1000} label={label} fit={fit} />;
  };
  return (
    <Stage
      svg={slide.svg}
      steps={slide.steps}
      step={shown.step}
      label={slide.descriptions[shown.step] || slide.title}
      className={className}
      page={pageOf(slide)}
      states={taken ?? states}
      view={viewAt(programme.tracks, at, shown.slide)}
      beside={seenFilm('beside')}
      instead={seenFilm('whole')}
    >
      <p role="status" className="sr-only">
        {last?.words}
      </p>
      <TrackLayers tracks={programme.tracks} at={at} slide={shown.slide} page={pageOf(slide)} />
      {children}
    </Stage>
  );
}
