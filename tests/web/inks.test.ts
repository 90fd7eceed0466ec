import { expect, test } from 'vitest';
import { inksOn } from '../../web/rooms/record/InkTray';

/** WCAG 2.2, “relative luminance”. */
function luminance(hex: string): number {
  const [red, green, blue] = [1, 3, 5].map((at) => {
    const part = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * (red ?? 0) + 0.7152 * (green ?? 0) + 0.0722 * (blue ?? 0);
}

function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((first, second) => second - first);
  return ((light ?? 0) + 0.05) / ((dark ?? 0) + 0.05);
}

test('every ink is seen on the ground of the slides, be it light or dark', () => {
  for (const [isDark, ground] of [
    [false, '#FBFAF6'],
    [true, '#14203A'],
  ] as const) {
    for (const ink of inksOn(isDark)) expect(contrast(ink.colour, ground), ink.name).toBeGreaterThan(4.5);
  }
});
