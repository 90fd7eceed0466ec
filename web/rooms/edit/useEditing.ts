import { useState } from 'react';
import { ask } from '../../request';
import type { Take } from '../lesson/takes';
import { byTake, joined, type TakeRange, without } from './ranges';

/** What is edited of takes, by take. */
export type Changes = Record<string, Partial<Pick<Take, 'cuts' | 'wordings' | 'kept' | 'moved' | 'cleaned'>>>;

/** Edits the takes of a lesson together; what was done here can be taken back, one edit after the other. */
export function useEditing(lesson: string, takes: Take[], attempt: (work: () => Promise<unknown>) => Promise<unknown>) {
  const [before, setBefore] = useState<Changes[]>([]);
  const send = (changes: Changes) => ask('PUT', `/api/lessons/${lesson}/editing`, { takes: changes });

  const edit = (changes: Changes) => {
    if (Object.keys(changes).length === 0) return;
    const were: Changes = {};
    for (const [id, change] of Object.entries(changes)) {
      const take = takes.find((each) => each.id === id);
      if (!take) continue;
      were[id] = {
        ...(change.cuts && { cuts: take.cuts }),
        ...(change.wordings && { wordings: take.wordings }),
        ...(change.kept && { kept: take.kept }),
        ...(change.moved && { moved: take.moved }),
        ...(change.cleaned !== undefined && { cleaned: take.cleaned }),
      };
    }
    void attempt(async () => {
      await send(changes);
      setBefore((earlier) => [...earlier, were]);
    });
  };
  const cutsOf = (ranges: TakeRange[], change: (cuts: Take['cuts'], ranges: Take['cuts']) => Take['cuts']) => {
    const changes: Changes = {};
    for (const [id, own] of byTake(ranges)) {
      const take = takes.find((each) => each.id === id);
      const inside = own.map(({ from, to }) => ({ from: Math.max(0, Math.round(from)), to: Math.round(to) }));
      if (take) changes[id] = { cuts: change(take.cuts, inside) };
    }
    edit(changes);
  };
  return {
    edit,
    cut: (ranges: TakeRange[]) => cutsOf(ranges, (cuts, more) => joined([...cuts, ...more])),
    putBack: (ranges: TakeRange[]) => cutsOf(ranges, (cuts, holes) => holes.reduce(without, cuts)),
    keep: (take: Take, from: number) => edit({ [take.id]: { kept: [...take.kept, from] } }),
    undo:
      before.length === 0
        ? null
        : () =>
            void attempt(async () => {
              await send(before[before.length - 1] ?? {});
              setBefore((earlier) => earlier.slice(0, -1));
            }),
  };
}

export type Editing = ReturnType<typeof useEditing>;
