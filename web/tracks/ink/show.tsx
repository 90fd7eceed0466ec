import type { Interval } from '../playhead';
import type { LayerProps, Track } from '../track';

/** A line drawn on a slide, from its first point until it is wiped. */
export interface Stroke extends Interval {
  slide: string;
  tool: 'pen' | 'marker';
  colour: string;
  width: number;
  /** [milliseconds after its beginning, x, y] in slide units. */
  points: [number, number, number][];
}

/** The strokes on a slide, each as far as it was drawn. */
export function drawnBy(strokes: Stroke[], slide: string, at: number): Stroke[] {
  return strokes
    .filter((stroke) => stroke.slide === slide)
    .map((stroke) => ({ ...stroke, points: stroke.points.filter((point) => stroke.from + point[0] <= at) }));
}

function InkLayer({ intervals, at, slide }: LayerProps) {
  return drawnBy(intervals as Stroke[], slide, at).map((stroke, index) => (
    <polyline
      key={index}
      points={line(stroke.points)}
      fill="none"
      stroke={stroke.colour}
      strokeWidth={stroke.width}
      strokeLinecap="round"
      strokeLinejoin="round"
      opacity={stroke.tool === 'marker' ? 0.38 : 1}
    />
  ));
}

/** A single point is drawn as a dot: a line from it to itself. */
function line(points: Stroke['points']): string {
  const drawn = points.length === 1 ? [...points, ...points] : points;
  return drawn.map(([, x, y]) => `${x},${y}`).join(' ');
}

/** Pen and marker on the slide. */
export const ink: Track = { name: 'ink', Layer: InkLayer };
