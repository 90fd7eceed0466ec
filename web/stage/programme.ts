import type { QuestionContent } from '../lesson.types';
import type { PartKind } from '../parts';
import { slideAt } from '../tracks/shown';
import type { ShownSlide, Tracks } from '../tracks/track';

export type QuestionType = QuestionContent['type'];

/** The finished running order as the server tells it; times in milliseconds of narration. */
export interface Programme {
  title: string;
  length: number;
  full: number;
  slides: Record<string, ProgrammeSlide>;
  tracks: Tracks;
  captions: { from: number; to: number; text: string }[];
  chapters: { at: number; until: number; slide: string; title: string; part: PartKind }[];
  pauses: PausePoint[];
  sounds: { from: number; to: number; sources: { url: string; type: string }[] }[];
  /** Stretches that this student may not see yet, half-open; null is to the end. */
  sealed?: [number, number | null][];
}

export interface ProgrammeSlide {
  title: string;
  part: PartKind;
  svg: string;
  steps: string[];
  /** What is seen at each step, in words. */
  descriptions: string[];
  side: boolean;
  /** What is told of a side slide, line by line; other slides have their sound. */
  script: string[];
  /** Left out of versions shared before slides could lead on. */
  links?: SlideLink[];
}

/** A place on a slide that leads to a side slide. */
export interface SlideLink {
  slide: string;
  label: string;
  /** Number of the step that shows it. */
  step: number;
  /** Where it can be touched: x, y, width and height in slide units. */
  areas: [number, number, number, number][];
}

export interface PausePoint {
  at: number;
  block: string;
  slide: string;
  seconds: number;
  prompt: string;
  exitCheck: boolean;
  question: AskedQuestion | null;
  /** A question that is still far off: it comes once those before it are answered. */
  sealed?: boolean;
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
