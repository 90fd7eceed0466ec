import { describe, expect, it } from 'vitest';
import { playing } from '../../web/tracks/playhead';
import vectors from '../playhead.json';

/** The same moments are looked up on the server: see tests/core/Recording/PlayheadTest.php. */
describe('the playhead', () => {
  for (const { at, found } of vectors.moments) {
    it(`finds ${found.join(' and ') || 'nothing'} at ${at}`, () => {
      expect(playing(vectors.intervals, at).map((each) => each.name)).toEqual(found);
    });
  }
});
