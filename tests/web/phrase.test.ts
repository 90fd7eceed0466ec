import { readFileSync } from 'node:fs';
import { expect, test } from 'vitest';
import { swept } from '../../web/stage/live/changes';
import { phrase } from '../../web/stage/live/phrase';

const PHRASES: { text: string; from: number; to: number; name: string }[] = JSON.parse(
  readFileSync('tests/phrases.json', 'utf8'),
);

test.each(PHRASES)('“$name” in “$text”', ({ text, from, to, name }) => {
  expect(phrase(text.split(' '), from, to)).toBe(name);
});

test('what is done with words names them', () => {
  expect(swept({ annotations: { words: { '⟨words⟩': 'ring' } } }, 'the stick')).toEqual({
    annotations: { words: { 'the stick': 'ring' } },
  });
});
