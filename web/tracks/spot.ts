import { useState } from 'react';
import type { Place } from './capture';
import type { Interval } from './playhead';

/** While something stands at one place of the slide, in slide units. */
export interface Spot extends Interval {
  x: number;
  y: number;
}

/** Milliseconds between two places that are noted. */
const OFTEN = 40;

/** Something that follows the hand: where it is now, and its places noted as often as they are needed. */
export function useFollowing(now: () => number, note: (place: { x: number | null; y: number | null }) => void) {
  const [spot, setSpot] = useState<Spot | null>(null);
  const [noted, setNoted] = useState(Number.NEGATIVE_INFINITY);
  const follow = ([x, y]: Place) => {
    setSpot({ from: 0, to: Infinity, x, y });
    // Another take begins its clock anew.
    if (now() >= noted && now() - noted < OFTEN) return;
    setNoted(now());
    note({ x, y });
  };
  const leave = () => {
    if (spot) note({ x: null, y: null });
    setSpot(null);
  };
  return { spot, follow, leave };
}
