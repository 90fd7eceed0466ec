import type { Repetition, TextField } from '../../../answers.types';
import { type Entry, entryOf } from './paths';

/** The text of a field, and what of it is marked. */
export interface Marked {
  text: string;
  from: number;
  to: number;
}

/** What a key does that the browser would not do by itself. */
export type KeyAction =
  /** The text becomes another one, with the cursor at a place in it. */
  | { does: 'write'; text: string; at: number }
  /** What is behind the cursor begins an entry of its own. */
  | { does: 'split'; head: string; tail: string }
  /** The entry is joined to the one before it. */
  | { does: 'join' }
  /** The entry changes places with its neighbour. */
  | { does: 'moveEntry'; by: -1 | 1 }
  /** In a table: another row below, the same column in another row, or no row any more. */
  | { does: 'addRow' }
  | { does: 'goDown'; by: -1 | 1 }
  | { does: 'removeRow' }
  /** An empty entry at the end of a list is not wanted any more: writing goes on behind the list. */
  | { does: 'endList' }
  | { does: 'goTo'; which: 'next' | 'previous' }
  /** To the next text; behind the last one of a slide that is being written, another is begun. */
  | { does: 'goOn' }
  /** Backspace at the beginning of what has no text: the block goes. */
  | { does: 'removeBlock' };

interface Surroundings {
  /** Entries in the list of the field, and whether this one has texts besides this one. */
  entries: number;
  isAloneInEntry: boolean;
  isEntryBlank: boolean;
  /** Whether nothing is written in the entry behind it, which is then not needed a second time. */
  isNextBlank: boolean;
  /** Whether no text of the block says anything. */
  isBlockBlank: boolean;
}

const POINT = '- ';

export function actionFor(key: string, marked: Marked, field: TextField, around: Surroundings): KeyAction | null {
  const { text, from, to } = marked;
  const entry = field.repetition ? entryOf(field.path) : null;
  if (entry && field.repetition && Array.isArray(field.repetition.blank)) {
    const inTable = keyInTable(key, marked, entry, around, field.repetition);
    if (inTable !== undefined) return inTable;
  }
  if (key === 'Enter') {
    if (field.hasParagraphs) return nextPoint(marked);
    if (!entry || !field.repetition) return { does: 'goOn' };
    const isLast = entry.index === around.entries - 1;
    if (text === '' && isLast && around.isAloneInEntry && around.entries > field.repetition.least) {
      return { does: 'endList' };
    }
    const isAtEnd = from === text.length;
    if ((isAtEnd && around.isNextBlank) || around.entries >= field.repetition.most)
      return { does: 'goTo', which: 'next' };
    return { does: 'split', head: text.slice(0, from), tail: text.slice(to) };
  }
  if (key === 'Backspace' && from === 0 && to === 0) {
    if (entry && entry.index > 0 && field.repetition && around.entries > field.repetition.least) {
      return around.isAloneInEntry ? { does: 'join' } : null;
    }
    return around.isBlockBlank && field.block !== '' ? { does: 'removeBlock' } : null;
  }
  if (key === 'Alt+ArrowUp') return entry && { does: 'moveEntry', by: -1 };
  if (key === 'Alt+ArrowDown') return entry && { does: 'moveEntry', by: 1 };
  // Up and down arrive here only where the text has no line more.
  if (key === 'ArrowUp') return { does: 'goTo', which: 'previous' };
  if (key === 'ArrowDown') return { does: 'goTo', which: 'next' };
  if (key === 'ArrowLeft' && from === 0 && to === 0) return { does: 'goTo', which: 'previous' };
  if (key === 'ArrowRight' && from === text.length && to === from) return { does: 'goTo', which: 'next' };
  return null;
}

/** In a table Enter goes down its column, and below the last row begins another; arrows go up and down it. */
function keyInTable(
  key: string,
  { from, to }: Marked,
  entry: Entry,
  around: Surroundings,
  repetition: Repetition,
): KeyAction | null | undefined {
  const isLast = entry.index === around.entries - 1;
  if (key === 'Enter' && isLast && around.entries < repetition.most) return { does: 'addRow' };
  if ((key === 'Enter' || key === 'ArrowDown') && !isLast) return { does: 'goDown', by: 1 };
  if (key === 'ArrowUp' && entry.index > 0) return { does: 'goDown', by: -1 };
  if (key === 'Backspace' && from === 0 && to === 0) {
    return around.isEntryBlank && around.entries > repetition.least ? { does: 'removeRow' } : null;
  }
  return key === 'Enter' ? { does: 'goTo', which: 'next' } : undefined;
}

/** Enter in a list begins the next point; on an empty point it ends the list. */
function nextPoint({ text, from, to }: Marked): KeyAction | null {
  const begin = text.lastIndexOf('\n', from - 1) + 1;
  const line = text.slice(begin, from);
  if (!line.startsWith(POINT)) return null;
  if (line === POINT && from === to) {
    return { does: 'write', text: text.slice(0, begin) + text.slice(to), at: begin };
  }
  return { does: 'write', text: `${text.slice(0, from)}\n${POINT}${text.slice(to)}`, at: from + 1 + POINT.length };
}
