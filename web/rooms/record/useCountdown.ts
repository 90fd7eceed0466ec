import { useEffect, useState } from 'react';
import { useLatest } from '../../latest';

const SECONDS = 3;

/** Where this browser remembers that it is wanted. */
const KEY = 'daybright: count to three';

export interface Countdown {
  isWanted: boolean;
  want: (isWanted: boolean) => void;
  /** Seconds that are left; 0 while nothing is counted. */
  left: number;
  start: () => void;
  cancel: () => void;
}

/** Counts to three, for whoever wants it, and begins then. */
export function useCountdown(begin: () => void): Countdown {
  const [isWanted, setWanted] = useState(remembered);
  const [left, setLeft] = useState(0);
  const newest = useLatest(begin);
  useEffect(() => {
    if (left === 0) return;
    const timer = setTimeout(() => {
      setLeft(left - 1);
      if (left === 1) newest.current();
    }, 1000);
    return () => clearTimeout(timer);
  }, [left, newest]);
  return {
    isWanted,
    want: (next) => {
      setWanted(next);
      remember(next);
    },
    left,
    start: () => setLeft(SECONDS),
    cancel: () => setLeft(0),
  };
}

/** A browser that keeps nothing begins without it. */
function remembered(): boolean {
  try {
    return localStorage.getItem(KEY) === 'yes';
  } catch {
    return false;
  }
}

function remember(isWanted: boolean): void {
  try {
    localStorage.setItem(KEY, isWanted ? 'yes' : 'no');
  } catch {
    // It is asked for again the next time.
  }
}
