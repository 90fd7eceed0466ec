import type { PausePointAnswer, PlayedLesson, PlayedSlide, SlideLinkAnswer } from '../answers.types';
import type { QuestionContent } from '../lesson.types';
import { slideAt } from '../tracks/shown';
import type { ShownSlide, Tracks } from '../tracks/track';

export type QuestionType = QuestionContent['type'];

/** The finished running order as the server gives it; times in milliseconds of narration. */
export interface Programme extends Omit<PlayedLesson, 'tracks' | 'pauses' | 'slides' | 'sealed'> {
  slides: Record<string, ProgrammeSlide>;
  tracks: Tracks;
  pauses: PausePoint[];
  /** Ranges that this student may not see yet, half-open; null is to the end. */
  sealed?: [number, number | null][];
}

export interface ProgrammeSlide extends Omit<PlayedSlide, 'links'> {
  links: SlideLink[];
}

/** A place on a slide that leads to a side slide. */
export interface SlideLink extends Omit<SlideLinkAnswer, 'areas'> {
  /** Where it can be touched: x, y, width and height in slide units. */
  areas: [number, number, number, number][];
}

export interface PausePoint extends Omit<PausePointAnswer, 'question'> {
  question: AskedQuestion | null;
}

export interface Thing {
  id: string;
  text: string;
}

/** A question as the student's page gets it: what all kinds have; what one kind adds stands with the kind. No answer is in it. */
export interface AskedQuestion {
  type: QuestionType;
  marks: number;
  hint: string;
}

/** Milliseconds before its end at which a lesson shows what it ends with. */
const LAST = 0.5;

/** Which slide is seen at a moment of narration, and how far it has built up. */
export function seenAt(programme: Programme, at: number): ShownSlide | undefined {
  return slideAt(programme.tracks, Math.min(at, programme.length - LAST));
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
