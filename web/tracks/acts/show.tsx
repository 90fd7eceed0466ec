import type { LiveState, Programme } from '../../answers.types';
import { type Interval, playing } from '../playhead';
import type { Track } from '../track';

/** While a live block is in a state that an act brought it to. */
export interface Act extends Interval {
  slide: string;
  block: string;
  /** Name of the state among those of the slide. */
  state: string;
  /** What was done. */
  words: string;
}

export const acts: Track = { name: 'acts' };

/** The acts that have left their mark on a slide at a moment. */
export function actsAt(programme: Programme, at: number, slide: string): Act[] {
  return (playing(programme.tracks[acts.name] ?? [], at) as Act[]).filter((act) => act.slide === slide);
}

/** The states of a slide’s live blocks at a moment. */
export function statesAt(programme: Programme, at: number, slide: string): LiveState[] {
  const states = programme.slides[slide]?.states ?? {};
  return actsAt(programme, at, slide).flatMap((act) => states[act.state] ?? []);
}
