import type { WatchedLesson } from '../answers.types';

/** What a lesson that was taken away knows of a question: there is no server to mark it. */
export interface KnownAnswer {
  model: string;
  /** Ids of the right choices, where one is chosen among some. */
  right: string[] | null;
}

/** A lesson as lesson.js carries it; addresses are those of files beside it. */
export interface PackagedLesson extends WatchedLesson {
  answers: Record<string, KnownAnswer>;
}

/** What was tried, by block. */
export type Tried = Record<string, { given: string; isRight: boolean | null }>;

/** Right, not right, or null where the student compares by themselves. */
export function judged(known: KnownAnswer | undefined, given: string): boolean | null {
  return known?.right ? known.right.includes(given) : null;
}

/** Share of the questions that were right, and whether all of them were tried. */
export function scored(lesson: PackagedLesson, tried: Tried): { share: number; isAllTried: boolean } {
  const asked = lesson.pauses.filter((pause) => pause.question).map((pause) => pause.block);
  const right = asked.filter((block) => tried[block]?.isRight === true);
  return {
    share: asked.length === 0 ? 1 : right.length / asked.length,
    isAllTried: asked.every((block) => tried[block] !== undefined),
  };
}
