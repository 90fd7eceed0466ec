import { describe, expect, it } from 'vitest';
import type { LessonDocument } from '../../web/lesson.types';
import { changeFrom } from '../../web/rooms/lesson/change';

const slide = (id: string, title: string) => ({ id, title });
const lesson = (...parts: { id: string; slides: { id: string; title: string }[] }[]) =>
  ({ title: 'A lesson', parts }) as unknown as LessonDocument;

describe('what a save carries', () => {
  const saved = lesson(
    { id: 'one', slides: [slide('a', 'A'), slide('b', 'B')] },
    { id: 'two', slides: [slide('c', 'C')] },
  );

  it('is the slide that was changed, and the ids of the others', () => {
    const next = lesson(
      { id: 'one', slides: [slide('a', 'A'), slide('b', 'Changed')] },
      { id: 'two', slides: [slide('c', 'C')] },
    );
    const change = changeFrom(saved, next);
    expect(change.slides).toEqual({ b: slide('b', 'Changed') });
    expect(change.frame).toEqual({
      title: 'A lesson',
      parts: [
        { id: 'one', slides: ['a', 'b'] },
        { id: 'two', slides: ['c'] },
      ],
    });
  });

  it('is a new slide too, and nothing of one that only moved or went away', () => {
    const next = lesson(
      { id: 'one', slides: [slide('c', 'C'), slide('d', 'New')] },
      { id: 'two', slides: [slide('a', 'A')] },
    );
    expect(changeFrom(saved, next).slides).toEqual({ d: slide('d', 'New') });
  });

  it('is the frame alone when only the title of the lesson was changed', () => {
    const change = changeFrom(saved, { ...saved, title: 'Another' });
    expect(change.slides).toEqual({});
    expect(change.frame).toMatchObject({ title: 'Another' });
  });
});
