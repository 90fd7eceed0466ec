import { expect, test } from 'vitest';
import { advise, type Heard, level, quantile, tone } from '../../web/rooms/record/soundCheck';

const RATE = 48_000;
const sine = (frequency: number, volume: number) =>
  Float32Array.from({ length: 2048 }, (_, index) => volume * Math.sin((2 * Math.PI * frequency * index) / RATE));

const GOOD: Heard = { noise: -65, voice: -24, clipped: 0, echo: 1, delay: null };

test('the level of a sine is 3.01 dB below its peak', () => {
  expect(level(sine(1000, 1))).toBeCloseTo(-3.01, 1);
  expect(level(sine(1000, 0.1))).toBeCloseTo(-23.01, 1);
  expect(level(new Float32Array(2048))).toBeLessThan(-90);
});

test('a tone is found by its frequency, and by no other', () => {
  expect(tone(sine(1875, 0.5), 1875, RATE)).toBeCloseTo(-6.02, 1);
  expect(tone(sine(3000, 0.5), 1875, RATE)).toBeLessThan(-40);
});

test('a quantile is one of the values', () => {
  expect(quantile([5, 1, 4, 2, 3], 0.5)).toBe(3);
  expect(quantile([], 0.5)).toBe(Number.NEGATIVE_INFINITY);
});

test.each<[Partial<Heard>, RegExp]>([
  [{}, /^The voice is clear/],
  [{ voice: -42 }, /^The voice is quiet/],
  [{ voice: -62 }, /^Hardly any voice/],
  [{ clipped: 0.2 }, /too loud/],
  [{ voice: -8 }, /too loud/],
  [{ noise: -40 }, /^The room is loud/],
  [{ echo: 25, delay: 60 }, /^The microphone hears the loudspeaker/],
  [{ echo: 2, delay: 400 }, /^The sound comes late/],
])('%o', (heard, sentence) => {
  const advice = advise({ ...GOOD, ...heard });
  expect(advice[0]?.sentence).toMatch(sentence);
  expect(advice[0]?.isGood).toBe(Object.keys(heard).length === 0);
});

test('a loud room and a quiet voice are both told', () => {
  expect(advise({ ...GOOD, noise: -45, voice: -40 })).toHaveLength(2);
});
