import { useEffect, useRef } from 'react';
import { ask } from '../request';

/** Tells the server every few seconds, and on leaving, how far a student has come. */
export function usePlaceKept(id: string, at: number): void {
  const place = useRef(at);
  place.current = at;
  useEffect(() => {
    let told = -1;
    const send = () => {
      const position = Math.round(place.current);
      if (position === told) return;
      told = position;
      ask('PUT', `/api/watch/${id}/place`, { position }).catch(() => {
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
  }, [id]);
}
