import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { TakeEvent } from '../../events.types';
import { ask } from '../../request';
import { useDesk } from './desk';

/** A take as the server gives it; lengths and cuts in samples, 48 000 a second. */
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

/** Milliseconds between two looks at a take that is being made ready. */
const LOOK = 1000;

/** The takes of the lesson, looked at again for as long as one is being made ready; the strip follows them. */
export function useTakes() {
  const desk = useDesk();
  const queries = useQueryClient();
  const queryKey = ['takes', desk.id];
  const takes = useQuery({
    queryKey,
    queryFn: () => ask<Take[]>('GET', `/api/lessons/${desk.id}/takes`),
    staleTime: 0,
    refetchInterval: (query) => (query.state.data?.some((take) => take.state === 'preparing') ? LOOK : false),
  });
  const editions = (takes.data ?? []).map((take) => take.edition + take.chosen).join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the strip shows what is heard, and changes when that does
  useEffect(() => {
    if (takes.data) void desk.refresh();
  }, [editions]);
  const lookAgain = async () => {
    // An answer that is on its way may be older than what was just done.
    await queries.cancelQueries({ queryKey });
    await queries.invalidateQueries({ queryKey });
  };
  return { takes: takes.data, lookAgain };
}
