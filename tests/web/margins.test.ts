import { expect, test } from 'vitest';
import { namePlaces } from '../../web/blocks/figure/controls/margins';

test('names stand as wished, otherwise beside their points', () => {
  const [wished, free] = namePlaces([
    { name: 'a', x: 0.2, y: 0.2, side: 'right', height: 0.7 },
    { name: 'b', x: 0.2, y: 0.3 },
  ]);
  expect(wished).toEqual({ side: 'right', height: 0.7, isWished: true });
  expect(free).toEqual({ side: 'left', height: 0.3, isWished: false });
});

test('no name stands over another or beyond the picture, however many there are', () => {
  for (const count of [2, 6, 12]) {
    const places = namePlaces(Array.from({ length: count }, (_, at) => ({ name: `part ${at}`, x: 0.1, y: 0.98 })));
    const heights = places.map((place) => place.height).sort((one, other) => one - other);
    expect(heights[0]).toBeGreaterThan(0);
    expect(heights[count - 1]).toBeLessThan(1);
    for (let at = 1; at < count; at++)
      expect((heights[at] ?? 0) - (heights[at - 1] ?? 0)).toBeGreaterThanOrEqual(Math.min(0.21, 1 / count) - 1e-9);
  }
});
