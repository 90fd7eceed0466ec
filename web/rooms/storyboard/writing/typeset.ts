import type { CSSProperties } from 'react';
import type { TextField } from '../../../answers.types';

/** How the server sets a text, in the words of a style sheet: the same letters in the same places. */

const FAMILIES: Record<string, string> = { lexend: 'Lexend', andika: 'Andika' };

/** Share of a line that is above its baseline, as the server sets it. */
const ABOVE = 0.76;

/** A length in slide units: the slide is the container of what is written on it. */
export function units(length: number): string {
  return `${length / 16}cqw`;
}

/** @param width in slide units at which its lines break */
export function typeOf(field: TextField, typeface: string, width: number): CSSProperties {
  const family = FAMILIES[typeface] ?? 'Lexend';
  const [x, y, room, height] = field.box;
  return {
    left: units(x + (room - width) * field.align),
    top: units(y + shift(family, field.leading) * field.size),
    width: units(width),
    minHeight: units(Math.max(height, field.size * field.leading)),
    fontFamily: `${family}, sans-serif`,
    fontSize: units(field.size),
    fontWeight: field.bold ? 600 : 400,
    lineHeight: field.leading,
    textAlign: field.align === 0 ? 'left' : field.align === 1 ? 'right' : 'center',
    color: field.colour,
    caretColor: field.colour,
    fontKerning: 'none',
    fontVariantLigatures: 'none',
  };
}

const shifts = new Map<string, number>();

/** How much lower than the browser the server sets the first line, as a share of the size. */
function shift(family: string, leading: number): number {
  const known = shifts.get(`${family} ${leading}`);
  if (known !== undefined) return known;
  const canvas = document.createElement('canvas').getContext('2d');
  if (!canvas || !document.fonts.check(`100px ${family}`)) return 0;
  canvas.font = `100px ${family}`;
  const measured = canvas.measureText('x');
  const [ascent, descent] = [measured.fontBoundingBoxAscent / 100, measured.fontBoundingBoxDescent / 100];
  const found = leading * ABOVE - ((leading - ascent - descent) / 2 + ascent);
  shifts.set(`${family} ${leading}`, found);
  return found;
}
