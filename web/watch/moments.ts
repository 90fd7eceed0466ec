import { useCallback, useEffect, useState } from 'react';
import type { LessonMoment } from '../answers.types';
import { ask, Problem, sentence, untilAnswered } from '../request';
import { useLeaving } from './leaving';

const PREFIX = 'daybright-moments ';

type Kind = LessonMoment['kind'];

/** What is asked, noted and told at moments of a lesson. It is kept in the browser until the server has it, and sent once. */
export function useMoments(student: string, share: string, kept: LessonMoment[]) {
  const key = `${PREFIX}${student} ${share}`;
  const [there, setThere] = useState(kept);
  const [waiting, setWaiting] = useState(() => read(key));
  const [trouble, setTrouble] = useState('');
  const leaving = useLeaving();

  useEffect(() => write(key, waiting), [key, waiting]);

  const send = useCallback(
    async (moment: LessonMoment, signal: AbortSignal) => {
      const { id, kind, at, text } = moment;
      try {
        const told = await untilAnswered(
          () => ask<LessonMoment>('PUT', `/api/watch/${share}/moments/${id}`, { kind, at, text }),
          setTrouble,
          signal,
        );
        setThere((before) => [...before.filter((each) => each.id !== id), ...(kind === 'back' ? [] : [told])]);
        setTrouble('');
      } catch (error) {
        if (signal.aborted) return;
        setTrouble(sentence(error));
        // It is sent with the next visit.
        if (error instanceof Problem && error.isPassing) return;
      }
      setWaiting((before) => before.filter((each) => each.id !== id));
    },
    [share],
  );

  // What an earlier visit left behind goes first.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, for what was there at the beginning
  useEffect(() => {
    for (const moment of waiting) void send(moment, leaving());
  }, []);

  const add = (kind: Kind, at: number, text = '') => {
    const moment = { id: freshId(), kind, at: Math.round(at), slide: '', text, reply: null };
    setWaiting((before) => [...before, moment]);
    void send(moment, leaving());
  };
  const remove = async (id: string) => {
    await ask('DELETE', `/api/watch/${share}/moments/${id}`);
    setThere((before) => before.filter((each) => each.id !== id));
  };
  const seen = [...there, ...waiting.filter((each) => each.kind !== 'back' && !there.some(({ id }) => id === each.id))];
  return { moments: seen.sort((one, other) => one.at - other.at), waiting: waiting.length, trouble, add, remove };
}

export type Moments = ReturnType<typeof useMoments>;

/** On a borrowed phone nobody finds what another one wrote. */
export function forgetMoments(): void {
  try {
    for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}

/** 22 letters and figures, as the server has its own. */
function freshId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(22)), (byte) => (byte % 36).toString(36)).join('');
}

function read(key: string): LessonMoment[] {
  try {
    return JSON.parse(localStorage.getItem(key) ?? '[]') as LessonMoment[];
  } catch {
    return [];
  }
}

function write(key: string, moments: LessonMoment[]): void {
  try {
    if (moments.length === 0) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(moments));
  } catch {
    // It is then only on the page.
  }
}
