import { describe, expect, it } from 'vitest';
import type { KindsAnswer, SlideScene, TextField } from '../../web/answers.types';
import type { Slide } from '../../web/lesson.types';
import {
  addRow,
  joinEntry,
  moveEntry,
  pasteCells,
  pasteEntries,
  removeRow,
  splitEntry,
} from '../../web/rooms/storyboard/writing/entries';
import { fieldsOf } from '../../web/rooms/storyboard/writing/fields';
import { WritingHistory } from '../../web/rooms/storyboard/writing/history';
import { actionFor } from '../../web/rooms/storyboard/writing/keys';
import { cellsOfText, linesOfText } from '../../web/rooms/storyboard/writing/pasted';

const ALONE = { entries: 0, isAloneInEntry: true, isEntryBlank: false, isNextBlank: false, isBlockBlank: false };

function field(path: string, more: Partial<TextField> = {}): TextField {
  return {
    block: 'block-1',
    path,
    label: path,
    box: [100, 200, 600, 60],
    measure: 600,
    size: 50,
    colour: '#000000',
    bold: false,
    align: 0,
    leading: 1.32,
    hasParagraphs: false,
    repetition: null,
    ...more,
  };
}

const ITEMS = { blank: '', least: 1, most: 4 };
const LINES = { blank: { id: '', formula: '', reason: '' }, least: 1, most: 30 };

function slide(content: object, kind = 'instructions'): Slide {
  return {
    id: 'slide-1',
    title: 'A slide',
    side: false,
    arrangement: 'whole',
    aims: [],
    steps: [{ id: 'step-1', script: '', pause: 0 }],
    blocks: [{ id: 'block-1', kind, region: 'main', step: 'step-1', reveals: {}, content } as never],
  };
}

function applied(before: Slide, edit: { change: (draft: Slide) => void } | null): unknown {
  const draft = structuredClone(before);
  edit?.change(draft);
  return draft.blocks[0]?.content;
}

describe('a key on a text', () => {
  const at = (text: string, from: number, to = from) => ({ text, from, to });

  it('begins the next point of a list', () => {
    expect(actionFor('Enter', at('- one', 5), field('text', { hasParagraphs: true }), ALONE)).toEqual({
      does: 'write',
      text: '- one\n- ',
      at: 8,
    });
  });

  it('ends a list on an empty point', () => {
    expect(actionFor('Enter', at('- one\n- ', 8), field('text', { hasParagraphs: true }), ALONE)).toEqual({
      does: 'write',
      text: '- one\n',
      at: 6,
    });
  });

  it('leaves an ordinary paragraph to the browser', () => {
    expect(actionFor('Enter', at('one', 3), field('text', { hasParagraphs: true }), ALONE)).toBeNull();
  });

  it('goes on from a heading', () => {
    expect(actionFor('Enter', at('A title', 7), field('title'), ALONE)).toEqual({ does: 'goOn' });
    // An arrow never begins anything.
    expect(actionFor('ArrowRight', at('A title', 7), field('title'), ALONE)).toEqual({ does: 'goTo', which: 'next' });
  });

  it('splits an entry at the cursor, and what is marked goes', () => {
    const items = field('items/0', { repetition: ITEMS });
    expect(actionFor('Enter', at('one two', 3, 4), items, { ...ALONE, entries: 1 })).toEqual({
      does: 'split',
      head: 'one',
      tail: 'two',
    });
  });

  it('goes to an entry behind it that is still blank instead of beginning another', () => {
    const items = field('items/0', { repetition: ITEMS });
    const around = { ...ALONE, entries: 2, isNextBlank: true };
    expect(actionFor('Enter', at('one', 3), items, around)).toEqual({ does: 'goTo', which: 'next' });
    expect(actionFor('Enter', at('one', 1), items, around)).toMatchObject({ does: 'split' });
  });

  it('begins no entry more than the list may have', () => {
    const items = field('items/3', { repetition: ITEMS });
    expect(actionFor('Enter', at('four', 4), items, { ...ALONE, entries: 4 })).toMatchObject({ does: 'goTo' });
  });

  it('joins an entry to the one before it, unless it has other texts', () => {
    const line = field('lines/1/formula', { repetition: LINES });
    expect(actionFor('Backspace', at('x = 2', 0), line, { ...ALONE, entries: 2 })).toEqual({ does: 'join' });
    expect(actionFor('Backspace', at('x = 2', 0), line, { ...ALONE, entries: 2, isAloneInEntry: false })).toBeNull();
    expect(actionFor('Backspace', at('x = 2', 2), line, { ...ALONE, entries: 2 })).toBeNull();
  });

  it('takes a block away that says nothing, and no other', () => {
    expect(actionFor('Backspace', at('', 0), field('text'), { ...ALONE, isBlockBlank: true })).toEqual({
      does: 'removeBlock',
    });
    expect(actionFor('Backspace', at('', 0), field('word'), ALONE)).toBeNull();
    expect(
      actionFor('Backspace', at('', 0), field('title', { block: '' }), { ...ALONE, isBlockBlank: true }),
    ).toBeNull();
  });

  it('steps over the edges of a text', () => {
    expect(actionFor('ArrowLeft', at('one', 0), field('text'), ALONE)).toEqual({ does: 'goTo', which: 'previous' });
    expect(actionFor('ArrowRight', at('one', 3), field('text'), ALONE)).toEqual({ does: 'goTo', which: 'next' });
    expect(actionFor('ArrowRight', at('one', 0, 3), field('text'), ALONE)).toBeNull();
  });
});

describe('a list that is typed in place', () => {
  it('is split, joined and moved', () => {
    const before = slide({ items: ['one two', 'three'] });
    const first = field('items/0', { repetition: ITEMS });
    const second = field('items/1', { repetition: ITEMS });
    expect(applied(before, splitEntry(first, 'one', 'two'))).toEqual({ items: ['one', 'two', 'three'] });
    const joined = joinEntry(before, second, 'three');
    expect(applied(before, joined)).toEqual({ items: ['one twothree'] });
    expect(joined).toMatchObject({ path: 'items/0', at: 7 });
    expect(applied(before, moveEntry(before, second, -1, 0))).toEqual({ items: ['three', 'one two'] });
    expect(moveEntry(before, second, 1, 0)).toBeNull();
  });

  it('gives a new line an id of its own and its formula what was behind the cursor', () => {
    const before = slide({ lines: [{ id: 'line-1', formula: 'a = b', reason: 'why' }] }, 'worked');
    const edit = splitEntry(field('lines/0/formula', { repetition: LINES }), 'a', '= b');
    const content = applied(before, edit) as { lines: { id: string; formula: string; reason: string }[] };
    expect(content.lines[0]).toEqual({ id: 'line-1', formula: 'a', reason: 'why' });
    expect(content.lines[1]).toMatchObject({ formula: '= b', reason: '' });
    expect(content.lines[1]?.id).toMatch(/^line-./);
    expect(edit?.path).toBe('lines/1/formula');
  });

  it('takes pasted lines as entries, as many as there is room for', () => {
    const before = slide({ items: ['do '] });
    const first = field('items/0', { repetition: ITEMS });
    const marked = { text: 'do ', from: 3, to: 3 };
    expect(applied(before, pasteEntries(before, first, ['- this', '- that'], marked))).toEqual({
      items: ['do this', 'that'],
    });
    expect(pasteEntries(before, first, ['1', '2', '3', '4', '5'], marked)).toBeNull();
  });
});

describe('a table that is typed in place', () => {
  const TABLE = { blank: ['', ''], least: 1, most: 4 };
  const cell = (row: number, column: number) => field(`rows/${row}/${column}`, { repetition: TABLE });
  const at = (text: string) => ({ text, from: 0, to: 0 });
  const before = slide(
    {
      rows: [
        ['a', 'b'],
        ['c', 'd'],
      ],
    },
    'table',
  );

  it('is gone through by column, and grows below its last row', () => {
    expect(actionFor('Enter', at('b'), cell(0, 1), { ...ALONE, entries: 2 })).toEqual({ does: 'goDown', by: 1 });
    expect(actionFor('Enter', at('d'), cell(1, 1), { ...ALONE, entries: 2 })).toEqual({ does: 'addRow' });
    expect(actionFor('Enter', at('d'), cell(3, 1), { ...ALONE, entries: 4 })).toMatchObject({ does: 'goTo' });
    expect(actionFor('ArrowUp', at('d'), cell(1, 1), { ...ALONE, entries: 2 })).toEqual({ does: 'goDown', by: -1 });
    expect(applied(before, addRow(cell(1, 1)))).toEqual({
      rows: [
        ['a', 'b'],
        ['c', 'd'],
        ['', ''],
      ],
    });
  });

  it('loses a row only when nothing stands in it', () => {
    expect(actionFor('Backspace', at(''), cell(1, 0), { ...ALONE, entries: 2 })).toBeNull();
    expect(actionFor('Backspace', at(''), cell(1, 0), { ...ALONE, entries: 2, isEntryBlank: true })).toEqual({
      does: 'removeRow',
    });
    expect(applied(before, removeRow(cell(1, 0)))).toEqual({ rows: [['a', 'b']] });
  });

  it('takes pasted cells from a cell on, and grows as far as it may', () => {
    const pasted = [['1', '2', '3'], ['4'], ['5'], ['6'], ['7']];
    expect(applied(before, pasteCells(cell(0, 1), pasted, 3))).toEqual({
      rows: [
        ['a', '1', '2'],
        ['c', '4', ''],
        ['', '5', ''],
        ['', '6', ''],
      ],
    });
  });
});

describe('what can be typed', () => {
  const scene = { boxes: { 'block-1': [0, 0, 1, 1] }, problems: {}, fields: [] } as unknown as SlideScene;
  const kinds = [
    { name: 'instructions', label: 'Instructions', fields: [field('items/0', { block: '', repetition: ITEMS })] },
  ] as KindsAnswer['blocks'];

  it('includes a block whose picture is still being made', () => {
    const fields = fieldsOf(slide({ items: [''] }), { ...scene, boxes: {} }, kinds);
    expect(fields.map((each) => each.path)).toEqual(['items/0']);
  });

  it('includes a block that cannot be drawn as it stands, such as one with half a formula', () => {
    const broken = { ...scene, boxes: {}, problems: { 'block-1': 'no' } } as unknown as SlideScene;
    expect(fieldsOf(slide({ items: ['a', 'b'] }), broken, kinds).map((each) => each.path)).toEqual([
      'items/0',
      'items/1',
    ]);
  });

  it('includes entries that were added since the picture was made, and none that are gone', () => {
    const known = ['items/0', 'items/1'].map((path) => field(path, { repetition: ITEMS }));
    const paths = (items: string[]) =>
      fieldsOf(slide({ items }), { ...scene, fields: known }, kinds).map((each) => each.path);
    expect(paths(['a', 'b', 'c', 'd'])).toEqual(['items/0', 'items/1', 'items/2', 'items/3']);
    expect(paths(['a'])).toEqual(['items/0']);
  });
});

describe('what was typed', () => {
  it('is taken back and put back word by word', () => {
    const history = new WritingHistory('');
    for (let letters = 1; letters <= 7; letters++) history.typed('one two'.slice(0, letters));
    expect(history.undo()).toBe('one ');
    expect(history.undo()).toBe('');
    expect(history.undo()).toBeUndefined();
    expect(history.redo()).toBe('one ');
    expect(history.redo()).toBe('one two');
  });

  it('is not taken back over a change that came from elsewhere', () => {
    const history = new WritingHistory('');
    history.typed('a');
    history.replaced('another text');
    expect(history.undo()).toBeUndefined();
  });
});

describe('pasted text', () => {
  it('is a table where tabs stand between its cells', () => {
    expect(cellsOfText('Stick\tShadow\r\n20\t31\r\n')).toEqual([
      ['Stick', 'Shadow'],
      ['20', '31'],
    ]);
    expect(cellsOfText('no table')).toBeNull();
  });

  it('becomes paragraphs and points', () => {
    expect(linesOfText('Leaves\r\n\r\n• light\n*  water\n– air  ')).toEqual(['Leaves', '- light', '- water', '- air']);
  });
});
