import type { Note } from '../../tracks/capture';
import { type Done, NOTHING_DONE } from '../../tracks/done';
import { paused, resumed } from '../../tracks/pauses/note';
import { revealed } from '../../tracks/steps/note';
import { returned, visited } from '../../tracks/visits/note';

/** Where the recording of a slide stands. */
export interface RecordingState {
  phase: 'idle' | 'recording' | 'paused';
  /** Id of the take that is being recorded. */
  take: string | null;
  /** Number of the step that is seen, from 0. */
  step: number;
  /** Another slide that is looked at. */
  visiting: string | null;
  /** What was done in the part of an earlier take that it goes on from. */
  before: Done[];
}

export type Action =
  /** From a later step on where a take goes on from another. */
  | { do: 'begin'; take: string; step?: number; before?: Done[] }
  | { do: 'end' }
  | { do: 'pause' }
  | { do: 'resume' }
  /** The ids of the slide's steps. */
  | { do: 'reveal'; steps: string[] }
  | { do: 'visit'; slide: string }
  | { do: 'return' }
  /** Another slide is turned to. */
  | { do: 'turn' };

export const IDLE: RecordingState = { phase: 'idle', take: null, step: 0, visiting: null, before: NOTHING_DONE };

/** What an action leads to, and what of it is noted in the take. An action that is not possible now changes nothing. */
export function after(state: RecordingState, action: Action): { state: RecordingState; notes: Note[] } {
  const stays = { state, notes: [] };
  switch (action.do) {
    case 'begin':
      return {
        state: {
          ...IDLE,
          phase: 'recording',
          take: action.take,
          step: action.step ?? 0,
          before: action.before ?? NOTHING_DONE,
        },
        notes: [],
      };
    case 'end':
      return { state: { ...state, phase: 'idle', take: null, before: NOTHING_DONE }, notes: [] };
    case 'pause':
      return state.phase === 'recording' ? { state: { ...state, phase: 'paused' }, notes: [paused()] } : stays;
    case 'resume':
      return state.phase === 'paused' ? { state: { ...state, phase: 'recording' }, notes: [resumed()] } : stays;
    case 'reveal': {
      const next = action.steps[state.step + 1];
      if (next === undefined || state.visiting !== null || state.phase === 'paused') return stays;
      return { state: { ...state, step: state.step + 1 }, notes: [revealed(next)] };
    }
    case 'visit':
      return { state: { ...state, visiting: action.slide }, notes: [visited(action.slide)] };
    case 'return':
      return state.visiting === null ? stays : { state: { ...state, visiting: null }, notes: [returned()] };
    case 'turn':
      return { state: { ...state, step: 0, visiting: null }, notes: [] };
  }
}
