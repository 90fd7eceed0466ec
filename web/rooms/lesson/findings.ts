import { useQuery } from '@tanstack/react-query';
import type { FindingsAnswer } from '../../answers.types';
import { ask } from '../../request';

/** What the ready check finds in the lesson as it was last saved: every version is checked anew. */
export function useFindings(lesson: string, version: number, isWanted = true) {
  return useQuery({
    queryKey: ['ready', lesson, version],
    queryFn: () => ask<FindingsAnswer>('GET', `/api/lessons/${lesson}/ready`),
    placeholderData: (before) => before,
    enabled: isWanted,
  });
}
