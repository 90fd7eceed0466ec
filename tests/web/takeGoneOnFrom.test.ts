import { describe, expect, it } from 'vitest';
import type { TakeEvent } from '../../web/events.types';
import { changesLeft } from '../../web/tracks/acts/done';
import { coversLeft } from '../../web/tracks/covers/capture';
import { doneBefore } from '../../web/tracks/done';
import { strokesLeft } from '../../web/tracks/ink/capture';
import { viewLeft } from '../../web/tracks/views/capture';

const line = (at: number, x: number): TakeEvent => ({
  kind: 'ink',
  at,
  tool: 'pen',
  colour: '#B3261E',
  width: 8,
  points: [[0, x, 0]],
});
const cover = (at: number, id: string): TakeEvent => ({
  kind: 'cover',
  at,
  cover: id,
  x: 1,
  y: 2,
  width: 3,
  height: 4,
});
const left = (...events: TakeEvent[]) => doneBefore(events, 1000, 'slide');
const places = (events: TakeEvent[]) =>
  strokesLeft(left(...events)).map(({ slide, points }) => `${slide} ${points[0]?.[1]}`);

describe('what is there when a take goes on from another', () => {
  it('is what was done before, on the slide that was seen then', () => {
    const done = left(
      { kind: 'visit', at: 100, slide: 'other' },
      { kind: 'wipe', at: 200 },
      { kind: 'return', at: 300 },
      { kind: 'wipe', at: 400 },
      { kind: 'wipe', at: 1000 },
    );
    expect(done.map(({ event, slide }) => `${event.at} ${slide}`)).toEqual([
      '100 slide',
      '200 other',
      '300 other',
      '400 slide',
    ]);
  });

  it('has the strokes that were neither wiped nor taken back', () => {
    expect(places([line(1, 10), line(2, 20), { kind: 'takeback', at: 3 }, line(4, 30), line(2000, 40)])).toEqual([
      'slide 10',
      'slide 30',
    ]);
    const visit: TakeEvent[] = [{ kind: 'visit', at: 2, slide: 'other' }, line(3, 20), { kind: 'return', at: 4 }];
    expect(places([line(1, 10), ...visit, { kind: 'wipe', at: 5 }])).toEqual(['other 20']);
  });

  it('has the covers that were not taken off, and the part that was seen large', () => {
    expect(
      coversLeft(left(cover(1, 'a'), cover(2, 'b'), { kind: 'uncover', at: 3, cover: 'a' })).map(({ id }) => id),
    ).toEqual(['b']);
    const zoom: TakeEvent = { kind: 'view', at: 1, x: 100, y: 50, width: 800 };
    expect(viewLeft(left(zoom))).toEqual({ x: 100, y: 50, width: 800, height: 450 });
    expect(viewLeft(left(zoom, { kind: 'visit', at: 2, slide: 'other' }, { kind: 'return', at: 3 })).width).toBe(1600);
    expect(viewLeft([]).width).toBe(1600);
  });

  it('has the blocks as they were worked', () => {
    const act = (at: number, change: Record<string, unknown>): TakeEvent => ({
      kind: 'act',
      at,
      block: 'sorting',
      change,
    });
    const done = left(
      act(1, { placed: { a: 1, b: 2 } }),
      act(2, { placed: { b: null } }),
      act(3000, { placed: { c: 3 } }),
    );
    expect(changesLeft(done, 'slide')).toEqual({ sorting: { placed: { a: 1, b: null } } });
    expect(changesLeft(done, 'other')).toEqual({});
  });
});
