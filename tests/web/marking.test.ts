import { expect, test } from 'vitest';
import type { QuestionReplies, Reply } from '../../web/answers.types';
import { givenByKey, givenByPoint, isMarked, nextToMark, rowsOf, takenBack } from '../../web/rooms/replies/marking';

const reply = (id: string, some: Partial<Reply> = {}): Reply => ({
  id,
  student: id,
  given: 'The Sun was higher.',
  slip: null,
  earned: null,
  outOf: 2,
  hinted: false,
  points: [],
  remark: null,
  again: false,
  forClass: false,
  file: null,
  earlier: [],
  ...some,
});

const question = (some: Partial<QuestionReplies> = {}): QuestionReplies => ({
  block: 'why',
  prompt: 'Why?',
  readByTeacher: true,
  file: null,
  answer: 'The Sun was higher.',
  marks: 2,
  markPoints: [],
  facility: null,
  discrimination: null,
  isAsked: true,
  rightAtOnce: 0,
  rightAfterHint: 0,
  rightLater: 0,
  wrong: 0,
  seconds: null,
  wrongAnswers: [],
  toMark: 3,
  answers: [reply('ada'), reply('bram'), reply('chidi')],
  together: [
    { likeness: 'same', answers: ['ada', 'chidi'] },
    { likeness: 'single', answers: ['bram'] },
  ],
  ...some,
});

const first = (asked: QuestionReplies) => rowsOf(asked)[0] ?? { likeness: 'single' as const, replies: [] };

test('answers that stand together are one row', () => {
  expect(rowsOf(question()).map((row) => row.replies.map(({ id }) => id))).toEqual([['ada', 'chidi'], ['bram']]);
});

test('a figure key gives marks up to those that the question has', () => {
  expect(givenByKey('2', question(), first(question()))).toEqual({ earned: 2 });
  expect(givenByKey('3', question(), first(question()))).toBeNull();
  expect(givenByKey('a', question(), first(question()))).toBeNull();
});

test('with mark points a figure key ticks one, takes it back, and 0 gives none', () => {
  const markPoints = ['high', 'steep', 'short'].map((id) => ({ id, text: id }));
  const fresh = question({ markPoints });
  expect(givenByKey('2', fresh, first(fresh))).toEqual({ earned: 1, points: ['steep'] });
  const one = question({ markPoints, answers: [reply('ada', { points: ['steep'], earned: 1 })] });
  expect(givenByKey('1', one, first(one))).toEqual({ earned: 2, points: ['high', 'steep'] });
  expect(givenByKey('2', one, first(one))).toEqual({ earned: 0, points: [] });
  expect(givenByKey('0', one, first(one))).toEqual({ earned: 0, points: [] });
  expect(givenByKey('4', one, first(one))).toBeNull();
  const two = question({ markPoints, answers: [reply('ada', { points: ['high', 'steep'], earned: 2 })] });
  expect(givenByPoint('short', two, first(two))).toEqual({ earned: 2, points: ['high', 'steep', 'short'] });
});

test('what was given is taken back as it was for each answer', () => {
  const row = { likeness: 'same' as const, replies: [reply('ada', { earned: 1, remark: 'Good' }), reply('chidi')] };
  expect(takenBack(row)).toEqual([
    { ids: ['ada'], given: { earned: 1, points: [], remark: 'Good', again: false, forClass: false } },
    { ids: ['chidi'], given: { earned: null, points: [], remark: null, again: false, forClass: false } },
  ]);
  expect(isMarked(row)).toBe(false);
});

test('the next to mark is the next without marks, from the beginning again, and the one behind when all have them', () => {
  const rows = [
    { likeness: 'single' as const, replies: [reply('ada')] },
    { likeness: 'single' as const, replies: [reply('bram', { earned: 0 })] },
    { likeness: 'single' as const, replies: [reply('chidi', { earned: 2 })] },
  ];
  expect(nextToMark(rows, 1)).toBe(0);
  expect(nextToMark(rows, 2)).toBe(0);
  expect(nextToMark(rows.slice(1), 0)).toBe(1);
});
