import type { TakeEvent } from '../events.types';
import { covers } from './covers/capture';
import type { Done } from './done';
import { ink } from './ink/capture';
import { light } from './light/capture';
import type { Interval } from './playhead';
import { pointer } from './pointer/capture';
import { ring } from './ring/capture';
import type { Tracks } from './track';
import { views } from './views/capture';

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
  /** Where its blocks stand, in slide units. */
  blocks: { x: number; y: number; width: number; height: number }[];
  /** A new take, or another slide, begins with nothing on it but what was done before it. */
  take: string;
  /** What was done in the part of an earlier take that this one goes on from. */
  before: Done[];
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
  /** Turned by so much across and along; pinched where two fingers draw apart, or Ctrl is held. */
  wheel?: (place: Place, across: number, along: number, isPinch: boolean) => void;
}

export type Place = [x: number, y: number];

export interface Captured {
  /** What is to be seen of it now. */
  intervals: Interval[];
  hand?: Hand;
  /** A rectangle that is being drawn, from corner to corner. */
  frame?: { from: Place; to: Place } | null;
  /** What can be done at once, by a button or its key. */
  actions?: { label: string; sign: string; key: string; run: () => void }[];
}

/** How a kind of thing is done while recording. */
export interface Capture {
  /** Name of its track. */
  name: string;
  /** Each with its sign, lines in a square of 24. */
  tools?: { name: string; label: string; sign: string }[];
  /** What is done while a key is held down. */
  whileHeld?: { key: string; label: string };
  /** A hook: called at every drawing of the room, in the same order. */
  use: (desk: Desk) => Captured;
}

/** The tracks that are worked by hand: one line each. */
export const CAPTURES: Capture[] = [ink, covers, views, light, pointer, ring];

/** Everything that is captured, worked together. */
export function useCaptures(desk: Desk): {
  tracks: Tracks;
  hand: Required<Hand>;
  actions: NonNullable<Captured['actions']>;
  frame: { from: Place; to: Place } | null;
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
      wheel: (...turned) => work((hand) => hand.wheel?.(...turned)),
    },
    actions: all.flatMap((each) => each.actions ?? []),
    frame: all.find((each) => each.frame)?.frame ?? null,
  };
}
