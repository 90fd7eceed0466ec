import { describe, expect, it } from 'vitest';
import { byTake, isIn, joined, without } from '../../web/rooms/edit/ranges';

describe('ranges of a take', () => {
  it('are joined where they touch, and stay in order', () => {
    const given = [
      { from: 50, to: 60 },
      { from: 0, to: 10 },
      { from: 10, to: 20 },
      { from: 12, to: 15 },
    ];
    expect(joined(given)).toEqual([
      { from: 0, to: 20 },
      { from: 50, to: 60 },
    ]);
    expect(given[0]).toEqual({ from: 50, to: 60 });
  });

  it('lose what is put back, and are split by it', () => {
    expect(without([{ from: 0, to: 100 }], { from: 40, to: 60 })).toEqual([
      { from: 0, to: 40 },
      { from: 60, to: 100 },
    ]);
    expect(without([{ from: 40, to: 60 }], { from: 0, to: 100 })).toEqual([]);
    expect(without([{ from: 40, to: 60 }], { from: 60, to: 100 })).toEqual([{ from: 40, to: 60 }]);
  });

  it('hold what lies in them for the most part', () => {
    expect(isIn([{ from: 0, to: 10 }], { from: 4, to: 15 })).toBe(true);
    expect(isIn([{ from: 0, to: 10 }], { from: 6, to: 15 })).toBe(false);
  });

  it('are told apart by their takes', () => {
    const all = byTake([
      { take: 'a', from: 0, to: 1 },
      { take: 'b', from: 0, to: 2 },
      { take: 'a', from: 5, to: 6 },
    ]);
    expect(all.get('a')).toEqual([
      { from: 0, to: 1 },
      { from: 5, to: 6 },
    ]);
    expect(all.get('b')).toEqual([{ from: 0, to: 2 }]);
  });
});
