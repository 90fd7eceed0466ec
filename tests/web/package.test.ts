import { expect, test } from 'vitest';
import { timespan } from '../../web/package/learningPlatform';
import { judged, type PackagedLesson, scored } from '../../web/package/packaged';

test('time is told as SCORM 1.2 has a timespan', () => {
  expect(timespan(0)).toBe('0000:00:00.00');
  expect(timespan(3_723_450)).toBe('0001:02:03.45');
  expect(timespan(-5)).toBe('0000:00:00.00');
});

test('a choice is judged, and other answers are compared by the student', () => {
  expect(judged({ model: 'noon', right: ['a', 'c'] }, 'c')).toBe(true);
  expect(judged({ model: 'noon', right: ['a'] }, 'b')).toBe(false);
  expect(judged({ model: '41 cm', right: null }, '41')).toBeNull();
  expect(judged(undefined, 'x')).toBeNull();
});

test('the score is the share of the questions that were right', () => {
  const pauses = ['one', 'two', 'wait'].map((block) => ({ block, question: block === 'wait' ? null : {} }));
  const lesson = { pauses } as unknown as PackagedLesson;
  expect(scored(lesson, {})).toEqual({ share: 0, isAllTried: false });
  const tried = { one: { given: 'a', isRight: true }, two: { given: 'b', isRight: null } };
  expect(scored(lesson, tried)).toEqual({ share: 0.5, isAllTried: true });
  expect(scored({ pauses: [] } as unknown as PackagedLesson, {})).toEqual({ share: 1, isAllTried: true });
});
