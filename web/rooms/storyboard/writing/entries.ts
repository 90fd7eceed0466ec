import type { TextField } from '../../../answers.types';
import type { Slide } from '../../../lesson.types';
import type { Marked } from './keys';
import { type Entry, entryOf, firstOf, holderOf, listAt, newEntry, setValue, textAt } from './paths';

/** Changes to a list that is typed in place, and where the cursor stands after each. */
export interface Edit {
  change: (draft: Slide) => void;
  path: string;
  at?: number;
}

export function write(slide: Slide, field: TextField, text: string): void {
  setValue(holderOf(slide, field.block) ?? {}, field.path, text);
}

/** What is behind the cursor becomes an entry of its own. */
export function splitEntry(field: TextField, head: string, tail: string): Edit | null {
  const entry = entryOf(field.path);
  const { repetition } = field;
  if (!entry || !repetition) return null;
  return {
    change: (draft) => {
      write(draft, field, head);
      entries(draft, field, entry).splice(entry.index + 1, 0, newEntry(repetition, entry.list, tail));
    },
    path: firstOf(entry.list, entry.index + 1, repetition),
    at: 0,
  };
}

/** The entry is joined to the one before it. */
export function joinEntry(slide: Slide, field: TextField, text: string): Edit | null {
  const entry = entryOf(field.path);
  if (!entry) return null;
  const path = `${entry.list}/${entry.index - 1}${entry.within ? `/${entry.within}` : ''}`;
  const head = textAt(holderOf(slide, field.block) ?? {}, path) ?? '';
  return {
    change: (draft) => {
      setValue(holderOf(draft, field.block) ?? {}, path, head + text);
      entries(draft, field, entry).splice(entry.index, 1);
    },
    path,
    at: head.length,
  };
}

/** The entry changes places with its neighbour. */
export function moveEntry(slide: Slide, field: TextField, by: -1 | 1, at: number): Edit | null {
  const entry = entryOf(field.path);
  const target = (entry?.index ?? 0) + by;
  if (!entry || target < 0 || target >= entries(slide, field, entry).length) return null;
  return {
    change: (draft) => {
      const list = entries(draft, field, entry);
      list.splice(target, 0, ...list.splice(entry.index, 1));
    },
    path: `${entry.list}/${target}${entry.within ? `/${entry.within}` : ''}`,
    at,
  };
}

/** The same column in another row of a table, which may have to be added. */
export function inColumn(field: TextField, by: number): string | null {
  const entry = entryOf(field.path);
  return entry && `${entry.list}/${entry.index + by}/${entry.within}`;
}

export function addRow(field: TextField): Edit | null {
  const entry = entryOf(field.path);
  const { repetition } = field;
  const path = inColumn(field, 1);
  if (!entry || !repetition || !path) return null;
  return {
    change: (draft) => {
      entries(draft, field, entry).splice(entry.index + 1, 0, newEntry(repetition, entry.list, ''));
    },
    path,
    at: 0,
  };
}

export function removeRow(field: TextField): Edit | null {
  const entry = entryOf(field.path);
  const path = inColumn(field, entry?.index === 0 ? 0 : -1);
  if (!entry || !path) return null;
  return {
    change: (draft) => {
      entries(draft, field, entry).splice(entry.index, 1);
    },
    path,
  };
}

/** Pasted rows and columns fill the table from a cell on, which grows as far as it may. */
export function pasteCells(field: TextField, cells: string[][], mostColumns: number): Edit | null {
  const entry = entryOf(field.path);
  const { repetition } = field;
  if (!entry || !repetition || !Array.isArray(repetition.blank)) return null;
  const column = Number(entry.within);
  return {
    change: (draft) => {
      const rows = entries(draft, field, entry) as string[][];
      const width = Math.min(
        mostColumns,
        Math.max(rows[0]?.length ?? 1, column + Math.max(...cells.map((row) => row.length))),
      );
      while (rows.length < Math.min(repetition.most, entry.index + cells.length)) rows.push([]);
      for (const row of rows) while (row.length < width) row.push('');
      for (const [down, row] of cells.entries()) {
        for (const [across, text] of row.entries()) {
          const target = rows[entry.index + down];
          if (target && column + across < width) target[column + across] = text;
        }
      }
    },
    path: field.path,
  };
}

/** Pasted lines become entries; null where they are not several, or the list has no room for them. */
export function pasteEntries(slide: Slide, field: TextField, lines: string[], marked: Marked): Edit | null {
  const entry = entryOf(field.path);
  const { repetition } = field;
  if (!entry || !repetition || Array.isArray(repetition.blank) || lines.length < 2) return null;
  const words = lines.map((line) => line.replace(/^- /, ''));
  if (entries(slide, field, entry).length + words.length - 1 > repetition.most) return null;
  return {
    change: (draft) => {
      write(draft, field, marked.text.slice(0, marked.from) + words[0]);
      const added = words.slice(1).map((line) => newEntry(repetition, entry.list, line));
      entries(draft, field, entry).splice(entry.index + 1, 0, ...added);
    },
    path: firstOf(entry.list, entry.index + words.length - 1, repetition),
  };
}

export function entries(slide: Slide, field: TextField, entry: Entry): unknown[] {
  return listAt(holderOf(slide, field.block) ?? {}, entry.list);
}
