import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { TakeAnswer } from '../../answers.types';
import { ask } from '../../request';
import { useDesk } from './desk';

/** In a list of takes each has the words that were found in it. */
export type Take = Required<TakeAnswer>;

export const RATE = 48000;

/** Milliseconds between two looks at a take that is being made ready. */
const LOOK = 1000;

/** The takes of the lesson, looked at again for as long as one is being made ready or its words are looked for; the strip follows them. */
export function useTakes() {
  const desk = useDesk();
  const queries = useQueryClient();
  const queryKey = ['takes', desk.id];
  const takes = useQuery({
    queryKey,
    queryFn: () => ask<Take[]>('GET', `/api/lessons/${desk.id}/takes`),
    staleTime: 0,
    refetchInterval: (query) =>
      query.state.data?.some(
        (take) => take.wordsAwaited || [take, ...take.footage].some((each) => each.state === 'preparing'),
      )
        ? LOOK
        : false,
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
