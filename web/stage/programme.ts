import type { QuestionContent } from '../lesson.types';
import type { PartKind } from '../parts';

export type QuestionType = QuestionContent['type'];

/** The finished running order as the server tells it; times in milliseconds of narration. */
export interface Programme {
  title: string;
  length: number;
  full: number;
  slides: Record<string, ProgrammeSlide>;
  pictures: { at: number; slide: string; step: number }[];
  strokes: Stroke[];
  pointer: { at: number; x: number | null; y: number | null }[];
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

export interface Stroke {
  at: number;
  until: number | null;
  slide: string;
  tool: string;
  colour: string;
  width: number;
  /** [milliseconds after at, x, y] in slide units. */
  points: [number, number, number][];
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

/** What is seen at a moment of narration. */
export function pictureAt(programme: Programme, at: number): { slide: string; step: number } | undefined {
  let shown = programme.pictures[0];
  for (const picture of programme.pictures) {
    if (picture.at > at + 0.5) break;
    shown = picture;
  }
  return shown;
}

/** The strokes on a slide at a moment, each as far as it was drawn. */
export function strokesAt(programme: Programme, slide: string, at: number): Stroke[] {
  return programme.strokes
    .filter((stroke) => stroke.slide === slide && stroke.at <= at && (stroke.until === null || at < stroke.until))
    .map((stroke) => ({ ...stroke, points: stroke.points.filter((point) => stroke.at + point[0] <= at) }));
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

export function pointerAt(programme: Programme, at: number): { x: number; y: number } | null {
  let spot: { x: number | null; y: number | null } | null = null;
  for (const point of programme.pointer) {
    if (point.at > at) break;
    spot = point;
  }
  return spot === null || spot.x === null || spot.y === null ? null : { x: spot.x, y: spot.y };
}
