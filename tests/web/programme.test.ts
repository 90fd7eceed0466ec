import { describe, expect, it } from 'vitest';
import { bytes, clock, spokenTime } from '../../web/clock';
import { type Programme, pictureAt, pointerAt, strokesAt } from '../../web/stage/programme';
import { linksAt } from '../../web/stage/sideTrip';

const link = (slide: string, step: number) => ({ slide, label: slide, step, areas: [] });

const programme = {
  slides: {
    one: { links: [link('lamp', 0), link('well', 1)] },
    two: {},
    lamp: { links: [link('well', 5)] },
  },
  pictures: [
    { at: 0, slide: 'one', step: 0 },
    { at: 1500, slide: 'one', step: 1 },
    { at: 3000, slide: 'two', step: 0 },
  ],
  strokes: [
    {
      at: 1000,
      until: 2500,
      slide: 'one',
      tool: 'pen',
      colour: '#B3261E',
      width: 8,
      points: [
        [0, 1, 1],
        [400, 2, 2],
      ],
    },
  ],
  pointer: [
    { at: 100, x: 5, y: 6 },
    { at: 900, x: null, y: null },
  ],
} as unknown as Programme;

describe('what is seen at a moment', () => {
  it('changes exactly when it was recorded', () => {
    expect(pictureAt(programme, 1499)?.step).toBe(0);
    expect(pictureAt(programme, 1500)?.step).toBe(1);
    expect(pictureAt(programme, 99999)?.slide).toBe('two');
  });
  it('grows ink as it was drawn and wipes it', () => {
    expect(strokesAt(programme, 'one', 999)).toHaveLength(0);
    expect(strokesAt(programme, 'one', 1200)[0]?.points).toHaveLength(1);
    expect(strokesAt(programme, 'one', 1400)[0]?.points).toHaveLength(2);
    expect(strokesAt(programme, 'one', 2500)).toHaveLength(0);
    expect(strokesAt(programme, 'two', 1400)).toHaveLength(0);
  });
  it('shows the pointer until it leaves', () => {
    expect(pointerAt(programme, 50)).toBeNull();
    expect(pointerAt(programme, 500)).toEqual({ x: 5, y: 6 });
    expect(pointerAt(programme, 900)).toBeNull();
  });
});

describe('times and sizes in words', () => {
  it('are short for the eye and whole for the ear', () => {
    expect(clock(75)).toBe('1:15');
    expect(spokenTime(61)).toBe('1 minute 1 second');
    expect(spokenTime(0)).toBe('0 seconds');
    expect(bytes(3_430_813)).toBe('3.4 MB');
  });
});

describe('where one can go from a slide', () => {
  it('shows a way on only when its spot has been revealed', () => {
    expect(linksAt(programme, 100, null).map((each) => each.slide)).toEqual(['lamp']);
    expect(linksAt(programme, 2000, null).map((each) => each.slide)).toEqual(['lamp', 'well']);
    expect(linksAt(programme, 4000, null)).toEqual([]);
  });
  it('shows every way on from a side slide, which is seen whole', () => {
    expect(linksAt(programme, 100, 'lamp').map((each) => each.slide)).toEqual(['well']);
    expect(linksAt(programme, 100, 'well')).toEqual([]);
  });
});
