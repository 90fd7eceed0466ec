import { useQuery } from '@tanstack/react-query';
import { ask } from '../../request';

export interface Finding {
  rule: string;
  sentence: string;
  slide: string | null;
  block: string | null;
  step: string | null;
  field: string | null;
}

/** What the ready check finds in the lesson as it was last saved. */
export function useFindings(lesson: string) {
  return useQuery({
    queryKey: ['ready', lesson],
    queryFn: () => ask<{ findings: Finding[] }>('GET', `/api/lessons/${lesson}/ready`),
    staleTime: 0,
  });
}
