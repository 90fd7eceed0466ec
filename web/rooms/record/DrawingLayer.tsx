import { type PointerEvent, useRef, useState } from 'react';
import { InkLayer } from '../../stage/InkLayer';
import type { Stroke } from '../../stage/programme';

export type Tool = 'none' | 'pen' | 'marker' | 'pointer';

interface DrawingLayerProps {
  tool: Tool;
  colour: string;
  strokes: Stroke[];
  /** Milliseconds on the take's clock. */
  now: () => number;
  onStroke: (stroke: Stroke) => void;
  onPoint: (point: { x: number | null; y: number | null }) => void;
}

const WIDTHS = { pen: 8, marker: 34 };

/** Where the teacher draws and points on the slide. */
export function DrawingLayer({ tool, colour, strokes, now, onStroke, onPoint }: DrawingLayerProps) {
  const [growing, setGrowing] = useState<Stroke | null>(null);
  const [spot, setSpot] = useState<{ x: number; y: number } | null>(null);
  const pointedAt = useRef(0);
  const place = (event: PointerEvent<HTMLDivElement>): [number, number] => {
    const box = event.currentTarget.getBoundingClientRect();
    return [
      Math.round(((event.clientX - box.left) / box.width) * 16000) / 10,
      Math.round(((event.clientY - box.top) / box.height) * 9000) / 10,
    ];
  };
  const down = (event: PointerEvent<HTMLDivElement>) => {
    if (tool !== 'pen' && tool !== 'marker') return;
    event.currentTarget.setPointerCapture(event.pointerId);
    setGrowing({
      at: now(),
      until: null,
      slide: '',
      tool,
      colour,
      width: WIDTHS[tool],
      points: [[0, ...place(event)]],
    });
  };
  const move = (event: PointerEvent<HTMLDivElement>) => {
    const [x, y] = place(event);
    if (growing) setGrowing({ ...growing, points: [...growing.points, [Math.round(now() - growing.at), x, y]] });
    else if (tool === 'pointer') {
      setSpot({ x, y });
      if (now() - pointedAt.current < 40) return;
      pointedAt.current = now();
      onPoint({ x, y });
    }
  };
  const up = () => {
    if (growing) onStroke(growing);
    setGrowing(null);
  };
  const leave = () => {
    if (tool === 'pointer') onPoint({ x: null, y: null });
    setSpot(null);
  };
  return (
    <div
      className={`absolute inset-0 touch-none ${tool === 'none' ? '' : 'cursor-crosshair'}`}
      data-testid="drawing"
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onPointerLeave={leave}
    >
      <InkLayer strokes={growing ? [...strokes, growing] : strokes} pointer={tool === 'pointer' ? spot : null} />
    </div>
  );
}
