import type { LessonDocument } from '../../lesson.types';
import type { Refusal } from './Manuscript';

/** Where a refused save has its trouble: a step, a block or a slide of the lesson, or a field of the plan. */
export interface Place {
  slide?: string;
  step?: string;
  block?: string;
  /** Name of the field of the lesson itself, such as “title”. */
  field?: string;
}

/**
 * Follows a JSON Pointer into the document that was sent. Pointers count along the lists, or name a slide and a block by their ids.
 */
export function placeOf({ pointer, document }: Refusal): Place {
  const path = pointer.split('/').slice(1);
  if (path[0] === 'slides') return { slide: path[1], block: path[2] === 'blocks' ? path[3] : undefined };
  if (path[0] !== 'parts') return { field: path[0] };
  const slide = slideAt(document, path);
  if (!slide) return {};
  const index = Number(path[5]);
  return {
    slide: slide.id,
    step: path[4] === 'steps' ? slide.steps[index]?.id : undefined,
    block: path[4] === 'blocks' ? slide.blocks[index]?.id : undefined,
  };
}

function slideAt(document: LessonDocument, path: string[]) {
  return document.parts[Number(path[1])]?.slides[Number(path[3])];
}
