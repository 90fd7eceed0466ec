import { expect, test } from 'vitest';
import type { FigureEntry, FigureField } from '../../web/answers.types';
import { settled, visibleFields } from '../../web/blocks/figure/fields';
import { found } from '../../web/blocks/figure/search';
import { readList, readMap } from '../../web/questions/Answering';

function field(name: string, choices: string[] = [], when: Record<string, string[]> = {}): FigureField {
  return {
    control: choices.length > 0 ? 'choice' : 'text',
    name,
    label: name,
    hint: '',
    choices: choices.map((value) => ({ value, label: value })),
    when,
  };
}

const FIELDS = [
  field('mode', ['parts', 'compare']),
  field('parts', [], { mode: ['parts'] }),
  field('by', ['difference', 'ratio'], { mode: ['compare'] }),
  field('known', ['whole', 'part'], { mode: ['parts'] }),
  field('known', ['total', 'first'], { mode: ['compare'], by: ['difference'] }),
];

const names = (fields: FigureField[]) => fields.map((each) => each.name);

test('only the fields of the chosen kind are shown, the first choice counting where none is made', () => {
  expect(names(visibleFields(FIELDS, {}))).toEqual(['mode', 'parts', 'known']);
  expect(names(visibleFields(FIELDS, { mode: 'compare' }))).toEqual(['mode', 'by', 'known']);
  expect(names(visibleFields(FIELDS, { mode: 'compare', by: 'ratio' }))).toEqual(['mode', 'by']);
});

test('a choice that is no longer offered goes back to its first, and nothing else is touched', () => {
  const changed = settled(FIELDS, { mode: 'compare', known: 'whole', parts: 5, amount: '40' });
  expect(changed).toEqual({ mode: 'compare', by: 'difference', known: 'total', parts: 5, amount: '40' });
  expect(settled(FIELDS, { mode: 'parts', known: 'part' }).known).toBe('part');
});

function entry(label: string, purpose: string, also: string): FigureEntry {
  return {
    name: label,
    label,
    purpose,
    also,
    purposes: ['Compare amounts'],
    subjects: ['Maths'],
    blank: {},
    fields: [],
    varies: true,
    hasTask: false,
  };
}

test('a figure is found by the beginnings of words, wherever they stand', () => {
  const all = [
    entry('Bar model', 'Show a part of a whole', 'fraction ratio'),
    entry('Rhyme lines', 'Mark rhymes', 'poem'),
  ];
  expect(found(all, '').length).toBe(2);
  expect(found(all, 'FRAC').map((each) => each.label)).toEqual(['Bar model']);
  expect(found(all, 'poem rhy').map((each) => each.label)).toEqual(['Rhyme lines']);
  expect(found(all, 'compare').length).toBe(2);
  expect(found(all, 'raction').length).toBe(0);
});

test('an answer of several pieces that cannot be read is empty', () => {
  expect(readMap('{"a":"b"}')).toEqual({ a: 'b' });
  expect(readMap('[1]')).toEqual({});
  expect(readMap('{"a"')).toEqual({});
  expect(readList('[1,2]')).toEqual([1, 2]);
  expect(readList('{"a":1}')).toEqual([]);
  expect(readList('')).toEqual([]);
});
