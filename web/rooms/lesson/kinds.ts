import { useQuery } from '@tanstack/react-query';
import type { Block } from '../../lesson.types';
import { ask } from '../../request';

export interface Kinds {
  blocks: { name: Block['kind']; label: string; blank: Block['content'] }[];
  figures: { name: string; label: string; purpose: string; blank: Record<string, unknown> }[];
}

/** What can be put on a slide. */
export function useKinds() {
  return useQuery({
    queryKey: ['kinds'],
    queryFn: () => ask<Kinds>('GET', '/api/kinds'),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
