import type { OutsideAddress, Programme } from '../answers.types';
import type { QuestionContent } from '../lesson.types';
import { slideAt } from '../tracks/shown';
import type { ShownSlide } from '../tracks/track';

/** A table with cells to fill asks, too. */
export type QuestionType = QuestionContent['type'] | 'table';

export interface Thing {
  id: string;
  text: string;
}

/** A question as the student's page gets it: what all kinds have; what one kind adds stands with the kind. No answer is in it. */
export interface AskedQuestion {
  type: QuestionType;
  marks: number;
  hint: string;
  /** Seconds after which the answer may be seen without one. */
  showAfter?: number | null;
  /** What it is answered with, if not with words, numbers or choices. */
  file?: 'sound' | 'picture';
}

/** Milliseconds before its end at which a lesson shows what it ends with. */
const LAST = 0.5;

/** Which slide is seen at a moment of narration, and how far it has built up. */
export function seenAt(programme: Programme, at: number): ShownSlide | undefined {
  return slideAt(programme.tracks, Math.min(at, programme.length - LAST));
}

/** What the cards that are seen lead to: those of the lesson’s slide at its moment, or all of a side slide that is looked at. */
export function addressesAt(programme: Programme, at: number, here: string | null): OutsideAddress[] {
  const shown = seenAt(programme, at);
  const slide = programme.slides[here ?? shown?.slide ?? ''];
  return slide?.addresses.filter((link) => here !== null || link.step <= (shown?.step ?? 0)) ?? [];
}

/** Where one gets who goes to a moment: what may not be seen yet is passed over, and the end of what may be is where it stops. */
export function reachable(programme: Programme, at: number): number {
  for (const [from, to] of programme.sealed ?? []) {
    if (at < from) continue;
    if (to === null) return Math.max(0, from - 1);
    if (at < to - 1) return to;
  }
  return at;
}
