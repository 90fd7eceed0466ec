import { type Interval, playing } from '../playhead';
import type { Track, Tracks } from '../track';

/** While the camera, a window or a clip is seen. */
export interface Filmed extends Interval {
  slide: string;
  footage: string;
  source: 'camera' | 'window' | 'clip';
  place: 'beside' | 'whole';
  /** Milliseconds of narration at which the film’s zero stands. */
  begins: number;
  description: string;
}

export const footage: Track = { name: 'footage' };

/** Of several in the slide's place, the first of these is seen. */
const RANKS: Filmed['source'][] = ['clip', 'window', 'camera'];

/** What is filmed and seen of a slide at a moment, what is seen of several first. */
export function filmedAt(tracks: Tracks, at: number, slide: string): Filmed[] {
  return (playing(tracks[footage.name] ?? [], at) as Filmed[])
    .filter((filmed) => filmed.slide === slide)
    .sort((one, other) => RANKS.indexOf(one.source) - RANKS.indexOf(other.source));
}
