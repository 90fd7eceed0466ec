import { acts } from './acts/show';
import { covers } from './covers/show';
import { footage } from './footage/show';
import { ink } from './ink/show';
import { light } from './light/show';
import { pauses } from './pauses/show';
import { playing } from './playhead';
import { pointer } from './pointer/show';
import { ring } from './ring/show';
import { steps } from './steps/show';
import type { ShownSlide, Track, Tracks } from './track';
import { views } from './views/show';
import { visits } from './visits/show';

/** The tracks as they are shown: one line each, in the order in which they are drawn. */
export const TRACKS: Track[] = [steps, visits, pauses, acts, views, footage, ink, covers, light, pointer, ring];

/** Which slide is seen at a moment, and how far it has built up. */
export function slideAt(tracks: Tracks, at: number): ShownSlide | undefined {
  return TRACKS.filter((track) => track.showsSlides)
    .flatMap((track) => playing(tracks[track.name] ?? [], at) as ShownSlide[])
    .at(-1);
}

/** Every time that a slide is seen, in no order. */
export function shownSlides(tracks: Tracks): ShownSlide[] {
  return TRACKS.filter((track) => track.showsSlides).flatMap((track) => (tracks[track.name] ?? []) as ShownSlide[]);
}
