import type { TakeEvent } from '../events.types';
import { ink } from './ink/capture';
import type { Interval } from './playhead';
import { pointer } from './pointer/capture';
import { ring } from './ring/capture';
import type { Tracks } from './track';

/** Something that the teacher did; without a time it was just now. */
export type Note = Unstamped<TakeEvent>;
type Unstamped<Event> = Event extends TakeEvent ? Omit<Event, 'at'> & { at?: number } : never;

/** What a capture needs of the recording. */
export interface Desk {
  /** Milliseconds on the take’s clock. */
  now: () => number;
  note: (event: Note) => void;
  /** Id of the slide that is seen. */
  slide: string;
  /** A new take, or another slide, begins with nothing on it. */
  take: string;
  tool: string;
  colour: string;
  /** The key that is held down now. */
  held: string | null;
}

/** What the hand does on the slide; places are in slide units. */
export interface Hand {
  down?: (place: Place) => void;
  move?: (place: Place) => void;
  up?: () => void;
  leave?: () => void;
}

export type Place = [x: number, y: number];

export interface Captured {
  /** What is to be seen of it now. */
  intervals: Interval[];
  hand?: Hand;
  /** What can be done at once, by a button or its key. */
  actions?: { label: string; key: string; run: () => void }[];
}

/** How a kind of thing is done while recording. */
export interface Capture {
  /** Name of its track. */
  name: string;
  tools?: { name: string; label: string }[];
  /** What is done while a key is held down. */
  whileHeld?: { key: string; label: string };
  /** A hook: called at every drawing of the room, in the same order. */
  use: (desk: Desk) => Captured;
}

/** The tracks that are worked by hand: one line each. */
export const CAPTURES: Capture[] = [ink, pointer, ring];

/** Everything that is captured, worked together. */
export function useCaptures(desk: Desk): {
  tracks: Tracks;
  hand: Required<Hand>;
  actions: NonNullable<Captured['actions']>;
} {
  const all = CAPTURES.map((capture) => ({ name: capture.name, ...capture.use(desk) }));
  const work = (act: (hand: Hand) => void) => {
    for (const { hand } of all) if (hand) act(hand);
  };
  return {
    tracks: Object.fromEntries(all.map((each) => [each.name, each.intervals])),
    hand: {
      down: (place) => work((hand) => hand.down?.(place)),
      move: (place) => work((hand) => hand.move?.(place)),
      up: () => work((hand) => hand.up?.()),
      leave: () => work((hand) => hand.leave?.()),
    },
    actions: all.flatMap((each) => each.actions ?? []),
  };
}
