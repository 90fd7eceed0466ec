import { type Interval, playing } from '../playhead';
import type { Track, Tracks } from '../track';

/** While the camera, or a window, is seen. */
export interface Filmed extends Interval {
  slide: string;
  footage: string;
  source: 'camera' | 'window';
  place: 'beside' | 'whole';
  /** Milliseconds of narration at which the film’s zero stands. */
  begins: number;
  description: string;
}

export const footage: Track = { name: 'footage' };

/** What is filmed and seen of a slide at a moment. */
export function filmedAt(tracks: Tracks, at: number, slide: string): Filmed[] {
  return (playing(tracks[footage.name] ?? [], at) as Filmed[]).filter((filmed) => filmed.slide === slide);
}
