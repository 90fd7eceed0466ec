import { describe, expect, it } from 'vitest';
import { type Pixels, withoutBackground } from '../../web/blocks/picture/recipe/background';
import { cropTo, plain, transformOf, turned, WHOLE } from '../../web/blocks/picture/recipe/recipe';

describe('a recipe', () => {
  it('is cropped by moving a corner, and never to nothing', () => {
    expect(cropTo(WHOLE, { left: true, top: true }, 0.2, 0.1)).toEqual({ x: 0.2, y: 0.1, width: 0.8, height: 0.9 });
    expect(cropTo(WHOLE, { left: false, top: false }, 0.5, 2)).toEqual({ x: 0, y: 0, width: 0.5, height: 1 });
    expect(cropTo(WHOLE, { left: true, top: true }, 3, 3)).toEqual({ x: 0.95, y: 0.95, width: 0.05, height: 0.05 });
  });

  it('keeps nothing that changes nothing', () => {
    expect(plain({ crop: WHOLE, turn: 0, straighten: 0, mirror: false, light: 0, cleared: '' })).toBeUndefined();
    expect(plain({ crop: WHOLE, turn: 1, mirror: false })).toEqual({ turn: 1 });
  });

  it('changes width and height with a quarter turn', () => {
    expect(turned({ width: 40, height: 30 }, { turn: 3 })).toEqual({ width: 30, height: 40 });
    expect(transformOf({ width: 40, height: 30 }, { turn: 1, mirror: true })).toBe(
      'translate(15 20) rotate(90) scale(-1 1) translate(-20 -15)',
    );
  });
});

/** Letters for colours: w white, r red, g light grey. */
function pixels(...rows: string[]): Pixels {
  const colours: Record<string, number[]> = { w: [255, 255, 255], r: [200, 30, 30], g: [235, 235, 235] };
  const data = rows.flatMap((row) => [...row].flatMap((letter) => [...(colours[letter] ?? []), 255]));
  return { data: new Uint8ClampedArray(data), width: rows[0]?.length ?? 0, height: rows.length };
}

function alphas({ data, width }: Pixels): number[][] {
  const all = [...data].filter((_, at) => at % 4 === 3);
  return Array.from({ length: all.length / width }, (_, row) => all.slice(row * width, (row + 1) * width));
}

describe('a plain background', () => {
  it('goes from the edges, and what is as light inside stays', () => {
    const left = withoutBackground(pixels('wwwww', 'wrrrw', 'wrwrw', 'wrrrw', 'wwwww'), 20);
    expect(alphas(left)).toEqual([
      [0, 0, 0, 0, 0],
      [0, 255, 255, 255, 0],
      [0, 255, 255, 255, 0],
      [0, 255, 255, 255, 0],
      [0, 0, 0, 0, 0],
    ]);
  });

  it('has a soft edge just beyond the tolerance, and goes with a higher one', () => {
    const picture = pixels('wwww', 'wggw', 'wwww');
    const soft = alphas(withoutBackground(picture, 8))[1]?.[1] ?? 0;
    expect(soft).toBeGreaterThan(60);
    expect(soft).toBeLessThan(200);
    expect(alphas(withoutBackground(picture, 20))[1]).toEqual([0, 0, 0, 0]);
  });

  it('leaves the picture itself untouched', () => {
    const picture = pixels('ww', 'ww');
    withoutBackground(picture, 20);
    expect([...picture.data]).toEqual([...pixels('ww', 'ww').data]);
  });
});
