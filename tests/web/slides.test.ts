import { expect, test } from 'vitest';
import type { LessonDocument } from '../../web/lesson.types';
import {
  addSideSlide,
  addSlide,
  deleteSlide,
  duplicateSlide,
  moveSlide,
  placeSlide,
} from '../../web/rooms/lesson/slides';
import { blankLesson } from './blankLesson';

function lesson(): LessonDocument {
  const slide = (id: string) => ({
    id,
    title: id,
    side: false,
    arrangement: 'whole' as const,
    aims: [],
    steps: [
      { id: `${id}-1`, script: 'One.', pause: 0 },
      { id: `${id}-2`, script: 'Two.', pause: 0 },
    ],
    blocks: [
      {
        id: `${id}-question`,
        kind: 'question' as const,
        region: 'main' as const,
        step: `${id}-1`,
        reveals: { answer: `${id}-2` },
        content: { type: 'text' as const, prompt: 'Why?', marks: 1 },
      },
    ],
  });
  return blankLesson([
    ['explain', [slide('a'), slide('b')]],
    ['example', [slide('c')]],
  ]);
}

const order = (document: LessonDocument) => document.parts.map((part) => part.slides.map((slide) => slide.id).join(''));

test('a slide moves by one, and over the edge into the next part', () => {
  const document = lesson();
  moveSlide(document, 'b', -1);
  expect(order(document)).toEqual(['ba', 'c']);
  moveSlide(document, 'a', 1);
  expect(order(document)).toEqual(['b', 'ac']);
  moveSlide(document, 'a', -1);
  expect(order(document)).toEqual(['ba', 'c']);
  moveSlide(document, 'b', -1);
  expect(order(document)).toEqual(['ba', 'c']);
});

test('a slide is placed before another or at the end of a part, which is made when it is missing', () => {
  const document = lesson();
  placeSlide(document, 'c', 'explain', 'b');
  expect(order(document)).toEqual(['acb', '']);
  placeSlide(document, 'a', 'recap', null);
  expect(order(document)).toEqual(['cb', '', 'a']);
  placeSlide(document, 'b', 'explain', 'b');
  expect(order(document)).toEqual(['cb', '', 'a']);
});

test('a copy has ids of its own, and its blocks appear at its own steps', () => {
  const document = lesson();
  const id = duplicateSlide(document, 'a');
  const slides = document.parts[0]?.slides ?? [];
  expect(slides.map((slide) => slide.id)).toEqual(['a', id, 'b']);
  const copy = slides[1];
  const steps = copy?.steps.map((step) => step.id) ?? [];
  expect(copy?.title).toBe('a (copy)');
  expect(steps).not.toContain('a-1');
  expect(copy?.blocks[0]?.step).toBe(steps[0]);
  expect(copy?.blocks[0]?.reveals).toEqual({ answer: steps[1] });
  const ids = [...slides, ...(document.parts[1]?.slides ?? [])].flatMap((slide) => [
    slide.id,
    ...slide.steps.map((step) => step.id),
    ...slide.blocks.map((block) => block.id),
  ]);
  expect(new Set(ids).size).toBe(ids.length);
});

test('a new slide comes behind the one named, serves its aims, and can be taken away', () => {
  const document = lesson();
  const id = addSlide(document, 'explain', 'a', ['aim']);
  expect(document.parts[0]?.slides[1]).toMatchObject({ id, aims: ['aim'], blocks: [] });
  expect(document.parts[0]?.slides[1]?.steps).toHaveLength(1);
  deleteSlide(document, id);
  expect(order(document)).toEqual(['ab', 'c']);
});

test('a side slide stands right behind the slide that leads to it, in the same part', () => {
  const document = lesson();
  const id = addSideSlide(document, 'a', 'The boat');
  expect(document.parts[0]?.slides.map((slide) => slide.id)).toEqual(['a', id, 'b']);
  expect(document.parts[0]?.slides[1]).toMatchObject({ side: true, title: 'The boat', blocks: [] });
  expect(document.parts[0]?.slides[1]?.steps).toHaveLength(1);
});
