import type { Stroke } from './programme';

/** Ink and pointer over a slide, in slide units. */
export function InkLayer({ strokes, pointer }: { strokes: Stroke[]; pointer?: { x: number; y: number } | null }) {
  return (
    <svg viewBox="0 0 1600 900" className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true">
      {strokes.map((stroke, index) => (
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
      ))}
      {pointer && <circle cx={pointer.x} cy={pointer.y} r={13} fill="#B3261E" />}
    </svg>
  );
}

/** A single point is drawn as a dot: a line from it to itself. */
function line(points: Stroke['points']): string {
  const drawn = points.length === 1 ? [...points, ...points] : points;
  return drawn.map(([, x, y]) => `${x},${y}`).join(' ');
}
