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

/** What the ready check finds in the lesson as it was last saved: every version is checked anew. */
export function useFindings(lesson: string, version: number) {
  return useQuery({
    queryKey: ['ready', lesson, version],
    queryFn: () => ask<{ findings: Finding[] }>('GET', `/api/lessons/${lesson}/ready`),
    placeholderData: (before) => before,
  });
}
