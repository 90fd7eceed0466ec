import { useEffect, useRef } from 'react';
import type { LessonWork } from './kept/LessonWork';

/** Milliseconds between two tellings while the lesson plays: all of a class does this at once. */
const EVERY = 15_000;

/** Milliseconds of narration between two moments that are no playing on. */
const JUMP = 2_000;

/** Milliseconds after a jump in which another may follow. */
const SETTLED = 500;

/** Tells the server how far a student has come: every while, when the lesson stops or goes on elsewhere, and on leaving. */
export function usePlaceKept(work: LessonWork, at: number, isPlaying: boolean): void {
  const place = useRef(at);
  const told = useRef(-1);
  const jumped = Math.abs(at - place.current) > JUMP;
  place.current = at;
  const send = useRef((): void => undefined);
  send.current = () => {
    const position = Math.round(place.current);
    if (position === told.current) return;
    told.current = position;
    work.place(position).catch(() => {
      told.current = -1;
    });
  };
  const settling = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => {
    if (!jumped) return;
    clearTimeout(settling.current);
    settling.current = setTimeout(() => send.current(), SETTLED);
  });
  const hasPlayed = useRef(false);
  useEffect(() => {
    if (!isPlaying && hasPlayed.current) send.current();
    hasPlayed.current ||= isPlaying;
  }, [isPlaying]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another lesson begins anew
  useEffect(() => {
    told.current = -1;
    const timer = setInterval(() => send.current(), EVERY);
    const leaving = () => document.visibilityState === 'hidden' && send.current();
    document.addEventListener('visibilitychange', leaving);
    return () => {
      clearInterval(timer);
      clearTimeout(settling.current);
      document.removeEventListener('visibilitychange', leaving);
      send.current();
    };
  }, [work]);
}
