import { describe, expect, it } from 'vitest';
import { step } from '../../web/watch/step';

describe('a step in the lesson', () => {
  it('never leads before its beginning', () => {
    expect(step(4300, 4300 - 10_000)).toEqual({ at: 0, isAgain: true });
  });

  it('is hearing something again when it leads back by more than a little', () => {
    expect(step(20_000, 10_000)).toEqual({ at: 10_000, isAgain: true });
    expect(step(20_000, 17_000)).toEqual({ at: 17_000, isAgain: false });
    expect(step(2000, -8000)).toEqual({ at: 0, isAgain: false });
    expect(step(20_000, 30_000)).toEqual({ at: 30_000, isAgain: false });
  });
});
