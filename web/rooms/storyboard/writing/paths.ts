import type { Repetition, TextField } from '../../../answers.types';
import type { Block, Slide } from '../../../lesson.types';
import { newId } from '../../lesson/desk';

/** Texts and lists in a document, by paths such as “lines/0/formula”. */

type Holder = Record<string, unknown> | unknown[];

/** An entry of a list: “lines/0/formula” is the formula of number 0 of “lines”. */
export interface Entry {
  list: string;
  index: number;
  /** Within the entry; empty where the entry is the text. */
  within: string;
}

export function textAt(holder: object, path: string): string | undefined {
  const found = valueAt(holder as Holder, path);
  return typeof found === 'string' ? found : undefined;
}

/** A last “-” is the end of a list. */
export function setValue(holder: object, path: string, value: unknown): void {
  const keys = path.split('/');
  const last = keys.pop() ?? '';
  const parent = valueAt(holder as Holder, keys.join('/'));
  if (last === '-' && Array.isArray(parent)) parent.push(value);
  else if (parent && typeof parent === 'object') (parent as Record<string, unknown>)[last] = value;
}

export function entryOf(path: string): Entry | null {
  const match = /^(.*?)\/(\d+)(?:\/(.*))?$/.exec(path);
  return match ? { list: match[1] ?? '', index: Number(match[2]), within: match[3] ?? '' } : null;
}

export function listAt(holder: object, path: string): unknown[] {
  const found = valueAt(holder as Holder, path);
  return Array.isArray(found) ? found : [];
}

/** The path of the first text of an entry. */
export function firstOf(list: string, index: number, repetition: Repetition): string {
  const own = typeof repetition.blank === 'string' ? null : textsOf(repetition.blank)[0]?.[0];
  return own ? `${list}/${index}/${own}` : `${list}/${index}`;
}

/** A new entry whose first text is given. */
export function newEntry(repetition: Repetition, list: string, text: string): unknown {
  if (typeof repetition.blank === 'string') return text;
  if (Array.isArray(repetition.blank)) return [...repetition.blank];
  const entry = structuredClone(repetition.blank);
  if ('id' in entry) entry.id = newId(list.replace(/s$/, ''));
  const first = textsOf(entry)[0]?.[0];
  if (first) entry[first] = text;
  return entry;
}

/** Whether nothing is written in an entry but what stands at one place. */
export function hasOnly(entry: unknown, within: string): boolean {
  return typeof entry === 'string' || textsOf(entry).every(([key, text]) => key === within || text === '');
}

export function isBlankEntry(entry: unknown): boolean {
  return typeof entry === 'string' ? entry === '' : textsOf(entry).every(([, text]) => text === '');
}

/** What holds the texts: the content of a block, or the slide for its title. */
export function holderOf(slide: Slide, block: string): object | undefined {
  return block === '' ? slide : slide.blocks.find((each) => each.id === block)?.content;
}

/** Whether no text of a block says anything yet. */
export function isBlank(block: Block, fields: TextField[]): boolean {
  return fields.every((field) => (textAt(block.content, field.path) ?? '') === '');
}

function textsOf(entry: unknown): [key: string, text: unknown][] {
  return Object.entries(Object(entry)).filter(([key, value]) => key !== 'id' && typeof value === 'string');
}

function valueAt(holder: Holder, path: string): unknown {
  let at: unknown = holder;
  for (const key of path === '' ? [] : path.split('/')) {
    if (at === null || typeof at !== 'object') return undefined;
    at = (at as Record<string, unknown>)[key];
  }
  return at;
}
