import type { Interval } from '../playhead';
import type { LayerProps, Track } from '../track';

/** While a part of a slide is hidden, in units of its page. */
export interface Cover extends Interval {
  slide: string;
  x: number;
  y: number;
  width: number;
  height: number;
}

function CoverLayer({ intervals, slide }: LayerProps) {
  return (intervals as Cover[])
    .filter((cover) => cover.slide === slide)
    .map(({ from, x, y, width, height }) => (
      <rect key={`${from} ${x} ${y}`} x={x} y={y} width={width} height={height} fill="#66757D" />
    ));
}

/** Patches that hide a part of a slide until they are taken off. */
export const covers: Track = { name: 'covers', Layer: CoverLayer };
