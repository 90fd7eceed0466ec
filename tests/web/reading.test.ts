import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { NAMES, OPTIONS, readingOf } from '../../web/watch/reading/settings';

const css = readFileSync('web/style.css', 'utf8');

/** The colours that hold on the dark ground, and those of the parts there. */
const dark = css.slice(css.indexOf('html[data-ground="dark"] {'));
const colour = (name: string): string => {
  const found = new RegExp(`--color-${name}: (#[0-9a-f]{6});`).exec(dark);
  if (!found?.[1]) throw new Error(`The dark ground has no “${name}”.`);
  return found[1];
};

/** Relative luminance (WCAG 2.2, definition of “relative luminance”). */
function luminance(hex: string): number {
  const [red = 0, green = 0, blue = 0] = [1, 3, 5].map((at) => {
    const share = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

function contrast(one: string, other: string): number {
  const [low = 0, high = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}

describe('how a student reads', () => {
  test('is as usual at first, and as it was chosen afterwards', () => {
    const usual = readingOf('');
    for (const name of NAMES) expect(usual[name]).toBe(OPTIONS[name].options[0]?.value);
    const chosen = { ...usual, size: '145', ground: 'dark', captionPlace: 'above' };
    expect(readingOf(JSON.stringify(chosen))).toEqual(chosen);
  });

  test.each(['no json', '[]', '7', 'null', '{"size":"999","ground":7}'])(
    'what was kept and makes no sense is as usual: %s',
    (kept) => {
      for (const name of NAMES) expect(readingOf(kept)[name]).toBe(OPTIONS[name].options[0]?.value);
    },
  );

  test('every choice but the usual one is in the style sheet, or a part of the page', () => {
    const inPage = ['ruler'];
    for (const name of NAMES.filter((each) => !inPage.includes(each)))
      for (const { value } of OPTIONS[name].options.slice(1))
        expect(css).toContain(`html[data-${name.replace(/[A-Z]/, (letter) => `-${letter.toLowerCase()}`)}="${value}"]`);
  });

  test('text on the dark ground is told from it at 4.5 to 1', () => {
    for (const ground of ['paper', 'sheet', 'shade', 'action-ground'])
      for (const text of ['ink', 'quiet', 'action', 'recording', 'right', 'trouble', 'caution', 'evening', 'morning'])
        expect(contrast(colour(text), colour(ground)), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
    for (const [text, ground] of [
      ['trouble', 'trouble-ground'],
      ['trouble', 'trouble-deep'],
      ['caution', 'caution-ground'],
      ['ink', 'action-chosen'],
      ['action', 'action-chosen'],
    ] as const)
      expect(contrast(colour(text), colour(ground)), `${text} on ${ground}`).toBeGreaterThanOrEqual(4.5);
    expect(contrast('#10191d', colour('action'))).toBeGreaterThanOrEqual(4.5);
    expect(contrast(colour('edge'), colour('paper'))).toBeGreaterThanOrEqual(3);
  });

  test('a part is told by its colour there, too', () => {
    const parts = [...dark.matchAll(/& \.part-([a-z-]+) \{\s*--tint: (#[0-9a-f]{6});\s*--strong: (#[0-9a-f]{6});/g)];
    expect(parts).toHaveLength(8);
    for (const [, part, tint = '', strong = ''] of parts) {
      expect(contrast(strong, tint), part).toBeGreaterThanOrEqual(4.5);
      expect(contrast(strong, colour('paper')), part).toBeGreaterThanOrEqual(4.5);
    }
  });
});
