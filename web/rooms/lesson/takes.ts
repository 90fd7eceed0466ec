import type { TakeEvent } from '../../events.types';

/** A take as the server tells it; lengths and cuts in samples, 48 000 a second. */
export interface Take {
  id: string;
  slide: string;
  source: 'microphone' | 'practice';
  state: 'recording' | 'preparing' | 'ready' | 'failed';
  chosen: boolean;
  length: number;
  cuts: { from: number; to: number }[];
  events: TakeEvent[];
  /** The loudest of each 50 ms, 0 to 100. */
  waveform: number[];
  words: { text: string; from: number; to: number; isSilence: boolean }[];
  pieces: number;
  trouble: string | null;
  at: string;
  edition: string;
}

export const RATE = 48000;
