import { expect, test } from 'vitest';
import type { Stroke } from '../../web/tracks/ink/show';
import { arrow, snapped } from '../../web/tracks/ink/snap';

type Points = Stroke['points'];

/** Numbers that look random and are the same in every run (mulberry32). */
function chance(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** As a hand draws it: each place a little off, and drifting. */
function drawn(places: [number, number][], shake: number, random: () => number): Points {
  let [driftX, driftY] = [0, 0];
  return places.map(([x, y], index) => {
    driftX += (random() - 0.5) * shake * 0.4;
    driftY += (random() - 0.5) * shake * 0.4;
    return [index * 16, x + driftX + (random() - 0.5) * shake, y + driftY + (random() - 0.5) * shake];
  });
}

const along = (count: number, place: (share: number) => [number, number]) =>
  Array.from({ length: count }, (_, index) => place(index / (count - 1)));

const line = (random: () => number) => {
  const [x, y, toX, toY] = [random() * 1600, random() * 900, random() * 1600, random() * 900];
  return along(40, (share) => [x + (toX - x) * share, y + (toY - y) * share]);
};
const ellipse = (random: () => number) => {
  const [x, y, a, b, start] = [800, 450, 90 + random() * 300, 80 + random() * 220, random() * 6.3];
  return along(60, (share) => [
    x + a * Math.cos(start + share * 2 * Math.PI * 0.97),
    y + b * Math.sin(start + share * 2 * Math.PI * 0.97),
  ]);
};
const box = (random: () => number) => {
  const [x, y, width, height] = [200, 150, 200 + random() * 600, 160 + random() * 400];
  const corners = [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
    [x, y],
  ] as [number, number][];
  return corners.slice(0, -1).flatMap(([fromX, fromY], side) => {
    const [toX, toY] = corners[side + 1] ?? [0, 0];
    return along(16, (share) => [fromX + (toX - fromX) * share, fromY + (toY - fromY) * share]);
  });
};
/** Waves, letters and arcs, which are meant as they are. */
const scribble = (random: () => number) => {
  const [waves, height] = [1.5 + random() * 3, 60 + random() * 200];
  return along(80, (share) => [300 + share * 700, 450 + height * Math.sin(share * waves * 2 * Math.PI)]);
};

function corners(points: Points | null): number {
  return points?.length ?? 0;
}

test.each([
  ['straight lines', line, 2],
  ['ellipses', ellipse, 37],
  ['boxes', box, 5],
  ['scribbles', scribble, 0],
] as const)('%s drawn by an unsteady hand are known for what they are', (_, shape, expected) => {
  let right = 0;
  for (let seed = 1; seed <= 60; seed++) {
    const random = chance(seed * 7919);
    const places = shape(random);
    right += Number(corners(snapped(drawn(places, 9, random))) === expected);
  }
  expect(right).toBeGreaterThanOrEqual(57);
});

test('a shape takes as long as the stroke that it is made of', () => {
  const points = drawn(box(chance(3)), 5, chance(4));
  const made = snapped(points);
  expect(made?.[0]?.[0]).toBe(0);
  expect(made?.at(-1)?.[0]).toBe(points.at(-1)?.[0]);
});

test('an arrow ends in its head', () => {
  const points = arrow([100, 100], [500, 100], 800);
  expect(points[1]).toEqual([200, 500, 100]);
  expect(points[2]?.[1]).toBeLessThan(500);
  expect(points.at(-1)?.[0]).toBe(800);
});
