import type { LessonDocument, Slide } from '../../web/lesson.types';

/** A lesson for tests: its slides, part by part. */
export function blankLesson(parts: [LessonDocument['parts'][number]['kind'], Slide[]][]): LessonDocument {
  return {
    format: 'daybright-lesson',
    version: 1,
    title: 'Shadows',
    minutes: 5,
    aims: [],
    media: {},
    parts: parts.map(([kind, slides], index) => ({ id: `part-${index + 1}`, kind, slides })),
  };
}
