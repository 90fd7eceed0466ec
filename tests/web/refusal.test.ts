import { expect, test } from 'vitest';
import { placeOf } from '../../web/rooms/lesson/refusal';
import { addSlide, duplicateSlide } from '../../web/rooms/lesson/slides';
import { blankLesson } from './blankLesson';

test('a pointer leads to the step, the block, the slide or the field that stands in the way', () => {
  const document = blankLesson([['explain', []]]);
  const slide = addSlide(document, 'explain', null);
  const step = document.parts[0]?.slides[0]?.steps[0]?.id;
  const place = (pointer: string) => placeOf({ sentence: '', pointer, document });
  expect(place('/parts/0/slides/0/steps/0/script')).toEqual({ slide, step, block: undefined });
  expect(place('/parts/0/slides/0/title')).toEqual({ slide, step: undefined, block: undefined });
  expect(place('/slides/one/blocks/two')).toEqual({ slide: 'one', block: 'two' });
  expect(place('/title')).toEqual({ field: 'title' });
  expect(place('/parts/7/slides/0')).toEqual({});
});

test('the title of a copy keeps within the limit', () => {
  const document = blankLesson([['explain', []]]);
  const slide = addSlide(document, 'explain', null);
  for (const each of document.parts.flatMap((part) => part.slides)) each.title = 'x'.repeat(198);
  duplicateSlide(document, slide);
  expect(document.parts[0]?.slides[1]?.title).toBe(`${'x'.repeat(193)} (copy)`);
});
