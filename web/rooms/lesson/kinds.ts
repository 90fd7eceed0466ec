import { useQuery } from '@tanstack/react-query';
import type { KindsAnswer } from '../../answers.types';
import { ask } from '../../request';

/** What can be put on a slide. */
export function useKinds() {
  return useQuery({
    queryKey: ['kinds'],
    queryFn: () => ask<KindsAnswer>('GET', '/api/kinds'),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
