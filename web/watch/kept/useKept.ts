import { useCallback, useEffect, useRef, useState } from 'react';
import type { StudentShelf } from '../../answers.types';
import { sentence } from '../../request';
import { type Kept, keptLessons } from './KeptLessons';

/** One lesson that is coming to this device. */
export interface Coming {
  share: string;
  /** Share of its bytes that has come. */
  come: number;
}

/** What a student keeps on this device, and the ways to keep more of it and less. */
export function useKept(shelf: StudentShelf) {
  const [kept, setKept] = useState<Kept[]>([]);
  const [coming, setComing] = useState<Coming | null>(null);
  const [trouble, setTrouble] = useState('');
  const stopping = useRef(new AbortController());
  const look = useCallback(async () => setKept(await keptLessons.of(shelf.student)), [shelf.student]);
  useEffect(() => {
    void look();
    return () => stopping.current.abort();
  }, [look]);

  const keep = async (share: string) => {
    stopping.current = new AbortController();
    const { signal } = stopping.current;
    setTrouble('');
    setComing({ share, come: 0 });
    try {
      await keptLessons.keep(share, shelf, (come) => setComing({ share, come }), signal);
    } catch (error) {
      if (!signal.aborted) setTrouble(sentence(error));
    }
    setComing(null);
    await look();
  };
  const remove = async (share: string) => {
    await keptLessons.remove(share);
    await look();
  };
  return { kept, coming, trouble, keep, remove, stop: () => stopping.current.abort(), canKeep: keptLessons.canKeep };
}

export type Keeping = ReturnType<typeof useKept>;
