import type { Done } from '../done';
import { joined, type Patch } from './mergePatch';

/** What was changed of a slide's live blocks, by block. */
export function changesLeft(before: Done[], slide: string): Record<string, Patch> {
  const changes: Record<string, Patch> = {};
  for (const { event, slide: seen } of before) {
    if (event.kind === 'act' && seen === slide) changes[event.block] = joined(changes[event.block] ?? {}, event.change);
  }
  return changes;
}
