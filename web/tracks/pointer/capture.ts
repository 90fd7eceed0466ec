import { useState } from 'react';
import type { Capture, Desk } from '../capture';
import type { Spot } from './show';

/** Milliseconds between two places that are noted. */
const OFTEN = 40;

function usePointer({ now, note, tool }: Desk) {
  const [spot, setSpot] = useState<Spot | null>(null);
  const [noted, setNoted] = useState(Number.NEGATIVE_INFINITY);
  const isOn = tool === 'pointer';
  const move = ([x, y]: [number, number]) => {
    if (!isOn) return;
    setSpot({ from: 0, to: Infinity, x, y });
    // Another take begins its clock anew.
    if (now() >= noted && now() - noted < OFTEN) return;
    setNoted(now());
    note({ kind: 'point', x, y });
  };
  const leave = () => {
    if (isOn) note({ kind: 'point', x: null, y: null });
    setSpot(null);
  };
  return { intervals: spot && isOn ? [spot] : [], hand: { move, leave } };
}

export const pointer: Capture = { name: 'pointer', tools: [{ name: 'pointer', label: 'Pointer' }], use: usePointer };
