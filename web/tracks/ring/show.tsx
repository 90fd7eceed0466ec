import type { Spot } from '../spot';
import type { LayerProps, Track } from '../track';

function RingLayer({ intervals }: LayerProps) {
  return (intervals as Spot[]).map(({ x, y }) => (
    <circle key={`${x} ${y}`} cx={x} cy={y} r={80} fill="none" stroke="#B3261E" strokeWidth={12} />
  ));
}

/** A ring that goes round what the hand is at. */
export const ring: Track = { name: 'ring', Layer: RingLayer };
