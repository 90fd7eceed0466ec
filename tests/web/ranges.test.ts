import { describe, expect, it } from 'vitest';
import { byTake, isIn, joined, movedWith, without } from '../../web/rooms/edit/ranges';

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

describe('what is marked before it is known where it was said', () => {
  const word = (text: string, from: number, to: number) => ({ text, from, to });
  const thought = [word('Stop', 0, 100), word('and', 100, 200), word('work', 200, 300)];
  const silence = { text: '', from: 0, to: 40, isSilence: true };

  it('goes with its words', () => {
    const found = [silence, word('Stop', 40, 90), word('and', 120, 160), word('work', 400, 480)];
    expect(movedWith({ take: 't', from: 100, to: 300 }, thought, found)).toEqual([{ take: 't', from: 120, to: 480 }]);
  });

  it('is marked no more where other words were said', () => {
    expect(movedWith({ take: 't', from: 200, to: 300 }, thought, [word('Stop', 0, 90)])).toEqual([]);
    expect(
      movedWith({ take: 't', from: 200, to: 300 }, thought, [...thought.slice(0, 2), word('walk', 200, 300)]),
    ).toEqual([]);
  });
});
