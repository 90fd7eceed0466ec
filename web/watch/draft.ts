import { useState } from 'react';

const PREFIX = 'daybright-draft ';

/** An answer that is being written: it outlives the page until it has been given. */
export function useDraft(student: string, share: string, block: string, start: string) {
  const key = keyOf(student, share, block);
  const [text, setText] = useState(() => read(key) ?? start);
  const write = (next: string) => {
    setText(next);
    keep(key, next);
  };
  const forget = () => drop(key);
  return { text, write, forget };
}

/** What was written for a question and not given yet. */
export function draftOf(student: string, share: string, block: string): string | null {
  return read(keyOf(student, share, block));
}

function keyOf(student: string, share: string, block: string): string {
  return `${PREFIX}${student} ${share} ${block}`;
}

/** On a borrowed phone nobody finds what another one wrote. */
export function forgetDrafts(): void {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}

function read(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

function keep(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    // The answer is then only on the page.
  }
}

function drop(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // As above.
  }
}
