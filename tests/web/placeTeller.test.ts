import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { PlaceTeller } from '../../web/watch/PlaceTeller';

let told: number[];
let page: EventTarget & { visibilityState: string };

beforeEach(() => {
  vi.useFakeTimers();
  page = Object.assign(new EventTarget(), { visibilityState: 'visible' });
  vi.stubGlobal('document', page);
  told = [];
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function telling(start = 0) {
  const teller = new PlaceTeller(async (place) => told.push(place), start);
  return { teller, end: teller.begin() };
}

/** Plays on for some seconds, ten pictures each. */
async function play(teller: PlaceTeller, from: number, seconds: number): Promise<number> {
  for (let picture = 1; picture <= seconds * 10; picture++) {
    teller.moved(from + picture * 100, true);
    await vi.advanceTimersByTimeAsync(100);
  }
  return from + seconds * 1000;
}

test('while the lesson plays the place is told every fifteen seconds, and where it stops at once', async () => {
  const { teller } = telling();
  const at = await play(teller, 0, 40);
  expect(told).toEqual([15_000, 30_000]);
  teller.moved(at, false);
  expect(told).toEqual([15_000, 30_000, 40_000]);
  await vi.advanceTimersByTimeAsync(60_000);
  expect(told).toHaveLength(3);
});

test('who goes elsewhere is found there, and not on the way', async () => {
  const { teller } = telling();
  for (const at of [30_000, 60_000, 90_000]) {
    teller.moved(at, false);
    await vi.advanceTimersByTimeAsync(200);
  }
  await vi.advanceTimersByTimeAsync(1000);
  expect(told).toEqual([90_000]);
});

test('it is told on leaving, and when the page is put away', async () => {
  const { teller, end } = telling(5000);
  await play(teller, 5000, 2);
  page.visibilityState = 'hidden';
  page.dispatchEvent(new Event('visibilitychange'));
  expect(told).toEqual([7000]);
  await play(teller, 7000, 1);
  end();
  expect(told).toEqual([7000, 8000]);
});

test('what did not arrive is told again', async () => {
  let isAway = true;
  const teller = new PlaceTeller(async (place) => {
    told.push(place);
    if (isAway) throw new Error('away');
  }, 1000);
  teller.begin();
  await vi.advanceTimersByTimeAsync(15_000);
  isAway = false;
  await vi.advanceTimersByTimeAsync(30_000);
  expect(told).toEqual([1000, 1000]);
});
