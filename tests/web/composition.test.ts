import { expect, test } from 'vitest';
import type { SlideScene } from '../../web/answers.types';
import type { Block, LessonDocument, Slide } from '../../web/lesson.types';
import {
  columnsOf,
  dividerAt,
  insistOn,
  keepCompositions,
  shareAt,
  slidesAsText,
} from '../../web/rooms/lesson/composition';

const text = (id: string): Block => ({
  id,
  kind: 'text',
  region: 'main',
  step: 'step',
  reveals: {},
  content: { text: id },
});

const slide = (id: string, blocks: string[] = []): Slide => ({
  id,
  title: id,
  side: false,
  arrangement: 'whole',
  aims: [],
  steps: [{ id: 'step', script: '', pause: 0 }],
  blocks: blocks.map(text),
});

const scene = (composition: string, problems: Record<string, string> = {}) =>
  ({ composition, problems }) as unknown as SlideScene;

const lesson = (slides: Slide[]) => ({ parts: [{ id: 'part', kind: 'explain', slides }] }) as unknown as LessonDocument;

test('only a slide that is changed remembers how it stood', () => {
  const document = lesson([slide('a'), slide('b')]);
  const before = slidesAsText(document);
  const [first, second] = document.parts[0]?.slides ?? [];
  if (!first || !second) throw new Error('There are two slides.');
  first.title = 'changed';
  keepCompositions(document, before, { a: scene('0@100'), b: scene('0@50|1@50') });
  expect(first.composition).toBe('0@100');
  expect(second.composition).toBeUndefined();
});

test('a new slide has nothing to remember', () => {
  const document = lesson([]);
  const before = slidesAsText(document);
  document.parts[0]?.slides.push(slide('new'));
  keepCompositions(document, before, {});
  expect(document.parts[0]?.slides[0]?.composition).toBeUndefined();
});

test('two columns are read from a composition, and blocks that were not drawn have no number in it', () => {
  const here = slide('a', ['one', 'broken', 'two', 'three']);
  const columns = columnsOf(here, scene('0@64|1 2@36', { broken: 'It cannot be drawn.' }));
  expect(columns).toEqual({ share: 0.64, right: new Set(['two', 'three']) });
  for (const other of ['0 1@100', '0@100/1@50|2@50', '0@33|1@33|2@33', '']) {
    expect(columnsOf(here, scene(other)), other).toBeNull();
  }
});

test('the divider stands between the columns, and its place says how wide they are', () => {
  expect(dividerAt(0.5)).toBeCloseTo(50, 1);
  for (const share of [0.25, 0.4, 0.64, 0.75]) expect(shareAt(dividerAt(share))).toBe(share);
  expect(shareAt(0)).toBe(0.25);
  expect(shareAt(100)).toBe(0.75);
});

test('whoever moves the divider insists on the columns as they stand', () => {
  const here = slide('a', ['one', 'two']);
  insistOn(here, { share: 0.64, right: new Set(['two']) }, 0.4);
  expect(here.arrangement).toBe('halves');
  expect(here.share).toBe(0.4);
  expect(here.blocks.map((block) => block.region)).toEqual(['left', 'right']);
});
