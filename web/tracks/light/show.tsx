import { useId } from 'react';
import type { Spot } from '../spot';
import type { LayerProps, Track } from '../track';

function LightLayer({ intervals }: LayerProps) {
  const id = useId();
  const [spot] = intervals as Spot[];
  if (!spot) return null;
  return (
    <>
      <mask id={id}>
        <rect x={-2000} y={-2000} width={6000} height={6000} fill="white" />
        <circle cx={spot.x} cy={spot.y} r={170} fill="black" />
      </mask>
      <rect x={-2000} y={-2000} width={6000} height={6000} fill="black" opacity={0.6} mask={`url(#${id})`} />
    </>
  );
}

/** A bright spot round what the hand is at, while all else grows darker. */
export const light: Track = { name: 'light', Layer: LightLayer };
