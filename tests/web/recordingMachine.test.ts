import { describe, expect, it } from 'vitest';
import { type Action, after, IDLE, type RecordingState } from '../../web/rooms/record/recordingMachine';

const steps = ['first', 'second'];

/** What a row of actions leads to, and everything that is noted on the way. */
function run(actions: Action[], from: RecordingState = IDLE) {
  const notes: unknown[] = [];
  const state = actions.reduce((before, action) => {
    const next = after(before, action);
    notes.push(...next.notes);
    return next.state;
  }, from);
  return { state, notes };
}

describe('the recording of a slide', () => {
  it('begins at the first step with nothing visited, whatever was before', () => {
    const before: RecordingState = { phase: 'idle', take: null, step: 3, visiting: 'lamp', before: [] };
    expect(run([{ do: 'begin', take: 'a' }], before).state).toEqual({
      phase: 'recording',
      take: 'a',
      step: 0,
      visiting: null,
      before: [],
    });
  });

  it('reveals one step after another, and none beyond the last', () => {
    const told = run([
      { do: 'begin', take: 'a' },
      { do: 'reveal', steps },
      { do: 'reveal', steps },
    ]);
    expect(told.state.step).toBe(1);
    expect(told.notes).toEqual([{ kind: 'step', step: 'second' }]);
  });

  it('can be tried through without recording', () => {
    expect(run([{ do: 'reveal', steps }]).state).toEqual({ ...IDLE, step: 1 });
  });

  it('reveals nothing while another slide is looked at or the recording is paused', () => {
    expect(
      run([
        { do: 'begin', take: 'a' },
        { do: 'visit', slide: 'lamp' },
        { do: 'reveal', steps },
      ]).state.step,
    ).toBe(0);
    expect(run([{ do: 'begin', take: 'a' }, { do: 'pause' }, { do: 'reveal', steps }]).state.step).toBe(0);
  });

  it('notes a visit and the return, and no return where nothing was visited', () => {
    const trip = run([{ do: 'begin', take: 'a' }, { do: 'return' }, { do: 'visit', slide: 'lamp' }, { do: 'return' }]);
    expect(trip.notes).toEqual([{ kind: 'visit', slide: 'lamp' }, { kind: 'return' }]);
    expect(trip.state.visiting).toBeNull();
  });

  it('pauses only what is being recorded, and goes on only from a pause', () => {
    expect(run([{ do: 'pause' }, { do: 'resume' }])).toEqual({ state: IDLE, notes: [] });
    const paused = run([{ do: 'begin', take: 'a' }, { do: 'pause' }, { do: 'pause' }]);
    expect(paused.state.phase).toBe('paused');
    expect(paused.notes).toEqual([{ kind: 'pause' }]);
    expect(run([{ do: 'resume' }], paused.state).notes).toEqual([{ kind: 'resume' }]);
  });

  it('keeps the step that was reached when it ends, and lets go of it on another slide', () => {
    const ended = run([{ do: 'begin', take: 'a' }, { do: 'reveal', steps }, { do: 'end' }]).state;
    expect(ended).toEqual({ phase: 'idle', take: null, step: 1, visiting: null, before: [] });
    expect(run([{ do: 'turn' }], ended).state.step).toBe(0);
  });

  it('tells by the same object that nothing came of an action', () => {
    expect(after(IDLE, { do: 'pause' }).state).toBe(IDLE);
  });
});
