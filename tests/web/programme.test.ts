import { describe, expect, it } from 'vitest';
import type { Programme } from '../../web/answers.types';
import { bytes, clock, spokenTime } from '../../web/clock';
import { inTallPictures } from '../../web/stage/page';
import { addressesAt, seenAt } from '../../web/stage/programme';
import { linksAt } from '../../web/stage/sideTrip';
import { drawnBy, type Stroke } from '../../web/tracks/ink/show';
import played from '../played-lesson.json';

// The same file is held to the published schema in tests/app/AnswersTest.php.
const programme = played as unknown as Programme;

describe('what is seen at a moment', () => {
  it('changes exactly when it was recorded', () => {
    expect(seenAt(programme, 1499)?.step).toBe(0);
    expect(seenAt(programme, 1500)?.step).toBe(1);
    expect(seenAt(programme, 99999)?.slide).toBe('two');
  });
  it('is the slide that is visited, and then the one it was visited from', () => {
    expect(seenAt(programme, 3499.9)?.slide).toBe('two');
    expect(seenAt(programme, 3500)?.slide).toBe('lamp');
    expect(seenAt(programme, 4500)?.slide).toBe('two');
  });
  it('leads outside from the step on at which the card is there, and from all of a side slide', () => {
    const link = { title: 'A film', address: 'https://larkfield.example', why: '', part: '', step: 1 };
    const { one, lamp } = programme.slides;
    if (!one || !lamp) throw new Error('The file has changed.');
    const leading: Programme = {
      ...programme,
      slides: { ...programme.slides, one: { ...one, addresses: [link] }, lamp: { ...lamp, addresses: [link] } },
    };
    expect(addressesAt(leading, 1499, null)).toEqual([]);
    expect(addressesAt(leading, 1500, null)).toEqual([link]);
    expect(addressesAt(leading, 0, 'lamp')).toEqual([link]);
  });
  it('has what is drawn over it in units of the tall page where that is shown', () => {
    const drawn = { pointer: [{ from: 0, to: 10, x: 5, y: 6 }] };
    const tall = inTallPictures({ ...programme, drawnTall: drawn });
    expect(tall.tracks.pointer).toEqual(drawn.pointer);
    expect(tall.tracks.steps).toEqual(programme.tracks.steps);
  });
  it('grows ink as it was drawn, on the slide it was drawn on', () => {
    const stroke: Stroke = {
      from: 1000,
      to: 2500,
      slide: 'one',
      tool: 'pen',
      colour: '#B3261E',
      width: 8,
      points: [
        [0, 1, 1],
        [400, 2, 2],
      ],
    };
    expect(drawnBy([stroke], 'one', 1200)[0]?.points).toHaveLength(1);
    expect(drawnBy([stroke], 'one', 1400)[0]?.points).toHaveLength(2);
    expect(drawnBy([stroke], 'two', 1400)).toHaveLength(0);
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
    expect(linksAt(programme, 3200, null)).toEqual([]);
  });
  it('shows every way on from a side slide, which is seen whole', () => {
    expect(linksAt(programme, 100, 'lamp').map((each) => each.slide)).toEqual(['well']);
    expect(linksAt(programme, 100, 'well')).toEqual([]);
  });
});
