import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import { useDesk } from '../../../rooms/lesson/desk';
import { pictureIn } from '../../picture/pictureIn';

export interface PicturePoint {
  name: string;
  x: number;
  y: number;
  slide?: string;
  side?: string;
  height?: number;
  id?: string;
}

const STEP = 0.01;

/** A picture with points: a click adds one, dragging or the arrow keys move it. */
export function PicturePoints<Point extends PicturePoint>({
  picture,
  points,
  most,
  make,
  onChange,
}: {
  picture: string;
  points: Point[];
  most: number;
  make: (x: number, y: number) => Point;
  onChange: (points: Point[]) => void;
}) {
  const desk = useDesk();
  const ground = useRef<HTMLDivElement>(null);
  const medium = pictureIn(desk.document, picture);
  const place = (event: PointerEvent) => {
    const box = ground.current?.getBoundingClientRect();
    if (!box) return null;
    const within = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 1000) / 1000;
    return { x: within((event.clientX - box.left) / box.width), y: within((event.clientY - box.top) / box.height) };
  };
  const move = (index: number, to: { x: number; y: number }) =>
    onChange(points.map((point, at) => (at === index ? { ...point, ...to } : point)));
  const byKey = (event: KeyboardEvent, index: number) => {
    const point = points[index];
    const [x, y] =
      { ArrowLeft: [-STEP, 0], ArrowRight: [STEP, 0], ArrowUp: [0, -STEP], ArrowDown: [0, STEP] }[event.key] ?? [];
    if (!point || x === undefined || y === undefined) return;
    event.preventDefault();
    move(index, { x: Math.min(1, Math.max(0, point.x + x)), y: Math.min(1, Math.max(0, point.y + y)) });
  };
  return (
    <div
      ref={ground}
      className="relative touch-none overflow-hidden rounded border border-edge bg-shade"
      style={{ aspectRatio: medium ? `${medium.width} / ${medium.height}` : '3 / 2' }}
      onPointerDown={(event) => {
        const at = place(event);
        if (at && points.length < most && event.target === event.currentTarget) onChange([...points, make(at.x, at.y)]);
      }}
    >
      {medium && (
        <img
          src={`/api/media/${medium.sha256}`}
          alt={medium.description}
          draggable={false}
          className="pointer-events-none size-full object-contain"
        />
      )}
      {points.map((point, index) => (
        <button
          key={index}
          type="button"
          aria-label={`Point ${index + 1}${point.name ? `, ${point.name}` : ''}: move with the arrow keys`}
          className="absolute flex size-8 -translate-x-1/2 -translate-y-1/2 cursor-grab items-center justify-center rounded-full border-2 border-white bg-action text-small font-semibold text-white"
          style={{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }}
          onPointerDown={(event) => {
            event.stopPropagation();
            event.currentTarget.setPointerCapture(event.pointerId);
          }}
          onPointerMove={(event) => {
            if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
            const to = place(event);
            if (to) move(index, to);
          }}
          onKeyDown={(event) => byKey(event, index)}
        >
          {index + 1}
        </button>
      ))}
    </div>
  );
}
