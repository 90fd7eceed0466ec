import type { QuestionReplies, RepliesAnswer, Reply } from '../../answers.types';

/** What a teacher gives: marks, what they were earned by, words, and whether it may be tried again. */
export interface Given {
  earned?: number | null;
  points?: string[];
  remark?: string | null;
  again?: boolean;
  forClass?: boolean;
}

/** Answers that are marked as one, and what they have in common. */
export interface Row {
  likeness: QuestionReplies['together'][number]['likeness'];
  replies: Reply[];
}

export function rowsOf(question: QuestionReplies): Row[] {
  return question.together.map(({ likeness, answers }) => ({
    likeness,
    replies: answers.flatMap((id) => question.answers.find((reply) => reply.id === id) ?? []),
  }));
}

/** All of a row are as the first one, or it is still to be marked. */
export function isMarked(row: Row): boolean {
  return row.replies.every((reply) => reply.earned !== null);
}

/** What a figure key gives: marks, or with mark points the one of that number, given or taken back. */
export function givenByKey(key: string, question: QuestionReplies, row: Row): Given | null {
  const first = row.replies[0];
  if (!first || !/^[0-9]$/.test(key)) return null;
  const figure = Number(key);
  if (question.markPoints.length === 0) return figure <= first.outOf ? { earned: figure } : null;
  if (figure === 0) return { earned: 0, points: [] };
  const point = question.markPoints[figure - 1];
  return point ? givenByPoint(point.id, question, row) : null;
}

/** A mark point given or taken back; the marks are as many as there are points, as far as the question has marks. */
export function givenByPoint(point: string, question: QuestionReplies, row: Row): Given {
  const had = row.replies[0]?.points ?? [];
  const has = question.markPoints
    .map(({ id }) => id)
    .filter((id) => (id === point ? !had.includes(id) : had.includes(id)));
  return { earned: Math.min(has.length, row.replies[0]?.outOf ?? 0), points: has };
}

/** What brings the answers of a row back to what they were, each with those that were alike. */
export function takenBack(row: Row): { ids: string[]; given: Given }[] {
  return row.replies.map((reply) => ({
    ids: [reply.id],
    given: {
      earned: reply.earned,
      points: reply.points,
      remark: reply.remark,
      again: reply.again,
      forClass: reply.forClass,
    },
  }));
}

/** The next row that is not marked, behind a place and then from the beginning; the row behind it when all are. */
export function nextToMark(rows: Row[], at: number): number {
  for (let step = 1; step <= rows.length; step++) {
    const number = (at + step) % rows.length;
    const row = rows[number];
    if (row && !isMarked(row)) return number;
  }
  return Math.min(at + 1, rows.length - 1);
}

/** The replies with what was just given, before the server has said so. */
export function withGiven(replies: RepliesAnswer, ids: string[], given: Given): RepliesAnswer {
  const marked = (reply: Reply) => (ids.includes(reply.id) ? { ...reply, ...given } : reply);
  return {
    classes: replies.classes.map((each) => ({
      ...each,
      questions: each.questions.map((question) => ({ ...question, answers: question.answers.map(marked) })),
    })),
  };
}
