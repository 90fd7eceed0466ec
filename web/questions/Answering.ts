import type { ReactNode } from 'react';
import type { DrillState } from '../answers.types';
import type { AskedQuestion } from '../stage/programme';

/** What every way of answering gets: the question, what has been given so far, and a way to write it down. */
export interface AnsweringProps<Question extends AskedQuestion = AskedQuestion> {
  question: Question;
  prompt: string;
  /** The answer as it is sent: words, an id, or JSON. */
  given: string;
  onWrite: (given: string) => void;
  /** The slide as it is seen when this is asked, to be drawn on. */
  slide?: ReactNode;
  /** Told while an answer is not to be given yet: it is being recorded. */
  onBusy?: (isBusy: boolean) => void;
  /** Where a server makes items without end: marks the one that waits, and gives the next. */
  practise?: (level: number, given?: string) => Promise<DrillState>;
}

/** An answer of several pieces, by id; empty while nothing is given or it cannot be read. */
export function readMap(given: string): Record<string, string> {
  const read = readJson(given);
  return read && typeof read === 'object' && !Array.isArray(read) ? (read as Record<string, string>) : {};
}

export function readList<Item>(given: string): Item[] {
  const read = readJson(given);
  return Array.isArray(read) ? (read as Item[]) : [];
}

function readJson(given: string): unknown {
  try {
    return JSON.parse(given);
  } catch {
    return null;
  }
}
