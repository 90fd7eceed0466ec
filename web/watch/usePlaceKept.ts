import { useEffect, useRef } from 'react';
import type { LessonWork } from './kept/LessonWork';

/** Tells the server every few seconds, and on leaving, how far a student has come. */
export function usePlaceKept(work: LessonWork, at: number): void {
  const place = useRef(at);
  place.current = at;
  useEffect(() => {
    let told = -1;
    const send = () => {
      const position = Math.round(place.current);
      if (position === told) return;
      told = position;
      work.place(position).catch(() => {
        told = -1;
      });
    };
    const timer = setInterval(send, 4000);
    const leaving = () => document.visibilityState === 'hidden' && send();
    document.addEventListener('visibilitychange', leaving);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', leaving);
      send();
    };
  }, [work]);
}
