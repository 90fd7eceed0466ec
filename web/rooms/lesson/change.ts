import type { LessonDocument, Slide } from '../../lesson.types';

/** What a save carries: the document with an id in the place of every slide, and the slides that are not as the server has them. */
export interface Change {
  frame: unknown;
  slides: Record<string, Slide>;
}

/** What leads from the document that the server has to another one. */
export function changeFrom(saved: LessonDocument, next: LessonDocument): Change {
  const known = new Map(saved.parts.flatMap((part) => part.slides).map((slide) => [slide.id, JSON.stringify(slide)]));
  const changed = next.parts
    .flatMap((part) => part.slides)
    .filter((slide) => known.get(slide.id) !== JSON.stringify(slide));
  return {
    frame: { ...next, parts: next.parts.map((part) => ({ ...part, slides: part.slides.map((slide) => slide.id) })) },
    slides: Object.fromEntries(changed.map((slide) => [slide.id, slide])),
  };
}
