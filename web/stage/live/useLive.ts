import { useEffect, useRef, useState } from 'react';
import type { LiveBlocks, LiveHandle } from '../../answers.types';
import { ask, Problem, sentence } from '../../request';
import { joined, type Patch } from '../../tracks/acts/mergePatch';
import type { Note } from '../../tracks/capture';
import type { LiveGroups } from '../Stage';

/** Something of a block that can be worked now. */
export interface BlockHandle extends LiveHandle {
  block: string;
}

export interface Live {
  /** Blocks that are in another state than the slide shows. */
  states: LiveGroups[];
  handles: BlockHandle[];
  trouble: string;
  /** Does something to a block: it is noted at once, and its picture follows. */
  act: (block: string, change: Patch) => void;
}

interface Shown {
  /** For which slide and take all this is. */
  of: string;
  blocks: LiveBlocks['blocks'];
  /** All acts so far by block. */
  changes: Record<string, Patch>;
}

/**
 * The live blocks of a slide while they are worked. Pictures come from the server, one at a time for each block: what is done in the
 * meantime is drawn next, and only the newest of it.
 *
 * @param address where they are drawn; null where there are none
 * @param round another one begins with all blocks as they are
 * @param changes what of them was changed before
 * @param step number of the last one that is shown: what comes later cannot be worked yet
 */
export function useLive(
  address: string | null,
  round: string,
  {
    note = () => undefined,
    blocks = [],
    changes: before = {},
    step = Number.POSITIVE_INFINITY,
  }: { note?: (event: Note) => void; blocks?: string[]; changes?: Record<string, Patch>; step?: number } = {},
): Live {
  const of = `${address} ${round}`;
  const [shown, setShown] = useState<Shown>({ of: '', blocks: {}, changes: {} });
  const [trouble, setTrouble] = useState('');
  const drawing = useRef(new Map<string, Patch | null>());
  const now = useRef(of);
  now.current = of;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another slide or take begins with all blocks as they are
  useEffect(() => {
    drawing.current = new Map();
    drawn.current = before;
    setTrouble('');
    if (!address) return;
    const load = async () => {
      const as = (changes: Record<string, Patch>) => ask<LiveBlocks>('POST', address, { changes });
      const all = await as(Object.fromEntries(blocks.map((block) => [block, {}])));
      const changed = Object.keys(before).length > 0 ? (await as(before)).blocks : {};
      if (now.current === of) setShown({ of, blocks: { ...all.blocks, ...changed }, changes: before });
    };
    load().catch((error) => now.current === of && setTrouble(sentence(error)));
  }, [of]);

  const changes = useRef<Record<string, Patch>>({});
  changes.current = shown.of === of ? shown.changes : {};
  /** The last changes of each block that the server could draw. */
  const drawn = useRef<Record<string, Patch>>({});
  const draw = async (block: string, change: Patch): Promise<void> => {
    if (!address) return;
    if (drawing.current.has(block)) {
      drawing.current.set(block, change);
      return;
    }
    drawing.current.set(block, null);
    try {
      const { blocks } = await ask<LiveBlocks>('POST', address, { changes: { [block]: change } });
      drawn.current[block] = change;
      if (now.current === of) setShown((before) => ({ ...before, blocks: { ...before.blocks, ...blocks } }));
      setTrouble(blocks[block]?.slips.join(' ') ?? '');
    } catch (error) {
      setTrouble(sentence(error));
      // What was refused is left out of the lesson, too; what comes next begins before it.
      if (error instanceof Problem && !error.isPassing && changes.current[block] === change) {
        const kept = drawn.current[block] ?? {};
        changes.current = { ...changes.current, [block]: kept };
        setShown((before) => ({ ...before, changes: { ...before.changes, [block]: kept } }));
      }
    }
    const next = drawing.current.get(block);
    drawing.current.delete(block);
    if (next && now.current === of) await draw(block, next);
  };
  const act = (block: string, change: Patch) => {
    note({ kind: 'act', block, change });
    const all = joined(changes.current[block] ?? {}, change);
    changes.current = { ...changes.current, [block]: all };
    setShown((before) => ({ ...before, changes: { ...before.changes, [block]: all } }));
    void draw(block, all);
  };

  if (shown.of !== of) return { states: [], handles: [], trouble, act };
  const live = Object.entries(shown.blocks);
  return {
    states: live.filter(([block]) => block in shown.changes).map(([block, { svg }]) => ({ block, svg })),
    handles: live.flatMap(([block, { handles, step: appears }]) =>
      appears > step ? [] : handles.map((handle) => ({ ...handle, block })),
    ),
    trouble,
    act,
  };
}
