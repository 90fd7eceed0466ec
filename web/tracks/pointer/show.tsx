import type { Spot } from '../spot';
import type { LayerProps, Track } from '../track';

function PointerLayer({ intervals }: LayerProps) {
  return (intervals as Spot[]).map(({ x, y }) => <circle key={`${x} ${y}`} cx={x} cy={y} r={13} fill="#B3261E" />);
}

/** A spot of light that follows the hand. */
export const pointer: Track = { name: 'pointer', Layer: PointerLayer };
