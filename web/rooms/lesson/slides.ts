import type { LessonDocument, Slide } from '../../lesson.types';
import type { PartKind } from '../../parts';
import { findSlide, newId } from './desk';

/** Changes to the order and number of slides, as edits of the document. */

export function addSlide(document: LessonDocument, part: PartKind, after: string | null, aims: string[] = []): string {
  const step = { id: newId('step'), script: '', pause: 0 };
  const slide: Slide = {
    id: newId('slide'),
    title: '',
    side: false,
    arrangement: 'whole',
    aims,
    steps: [step],
    blocks: [],
  };
  const slides = partOf(document, part).slides;
  const index = after === null ? -1 : slides.findIndex((each) => each.id === after);
  slides.splice(index < 0 ? slides.length : index + 1, 0, slide);
  return slide.id;
}

/** A side slide right behind a slide of the lesson. */
export function addSideSlide(document: LessonDocument, after: string, title: string): string {
  const part = document.parts.find((each) => each.slides.some((slide) => slide.id === after));
  const id = addSlide(document, part?.kind ?? 'explain', after);
  const slide = findSlide(document, id);
  slide.side = true;
  slide.title = title;
  return id;
}

/** The last slide of the lesson says whose its pictures are; gathered again, it says what is so now. */
export function tellCredits(document: LessonDocument, id: string, lines: string[]): void {
  deleteSlide(document, id);
  const slide = findSlide(document, addSlide(document, 'afterwards', null));
  slide.id = id;
  slide.title = 'Pictures';
  slide.blocks.push({
    id: newId('block'),
    kind: 'text',
    region: 'main',
    step: slide.steps[0]?.id ?? '',
    reveals: {},
    content: { text: lines.join('\n') },
  });
}

export function deleteSlide(document: LessonDocument, id: string): void {
  for (const part of document.parts) part.slides = part.slides.filter((slide) => slide.id !== id);
}

/** Letters of a title, as the schema has them. */
const LONGEST_TITLE = 200;
const COPY = ' (copy)';

/** A copy with ids of its own, right behind the original. */
export function duplicateSlide(document: LessonDocument, id: string): string {
  const part = document.parts.find((each) => each.slides.some((slide) => slide.id === id));
  const original = part?.slides.find((slide) => slide.id === id);
  if (!part || !original) return id;
  const copy = structuredClone(original);
  const steps = new Map(copy.steps.map((step) => [step.id, newId('step')]));
  copy.id = newId('slide');
  copy.title = copy.title ? `${copy.title.slice(0, LONGEST_TITLE - COPY.length)}${COPY}` : '';
  for (const step of copy.steps) step.id = steps.get(step.id) ?? step.id;
  for (const block of copy.blocks) {
    block.id = newId('block');
    block.step = steps.get(block.step) ?? copy.steps[0]?.id ?? block.step;
    for (const [piece, step] of Object.entries(block.reveals)) block.reveals[piece] = steps.get(step) ?? block.step;
  }
  part.slides.splice(part.slides.indexOf(original) + 1, 0, copy);
  return copy.id;
}

/** One place earlier or later; over the edge of its part a slide goes into the next part. */
export function moveSlide(document: LessonDocument, id: string, by: -1 | 1): void {
  const from = document.parts.findIndex((part) => part.slides.some((slide) => slide.id === id));
  const part = document.parts[from];
  if (!part) return;
  const index = part.slides.findIndex((slide) => slide.id === id);
  const [slide] = part.slides.splice(index, 1);
  if (!slide) return;
  const target = index + by;
  if (target >= 0 && target <= part.slides.length) part.slides.splice(target, 0, slide);
  else {
    const next = document.parts[from + by];
    if (!next) part.slides.splice(index, 0, slide);
    else if (by < 0) next.slides.push(slide);
    else next.slides.unshift(slide);
  }
}

/** To a place in a part: before a slide, or at the end. */
export function placeSlide(document: LessonDocument, id: string, part: PartKind, before: string | null): void {
  if (id === before) return;
  const slide = document.parts.flatMap((each) => each.slides).find((each) => each.id === id);
  if (!slide) return;
  deleteSlide(document, id);
  const slides = partOf(document, part).slides;
  const index = before === null ? -1 : slides.findIndex((each) => each.id === before);
  slides.splice(index < 0 ? slides.length : index, 0, slide);
}

function partOf(document: LessonDocument, kind: PartKind) {
  let part = document.parts.find((each) => each.kind === kind);
  if (!part) {
    part = { id: newId('part'), kind, slides: [] };
    document.parts.push(part);
  }
  return part;
}
