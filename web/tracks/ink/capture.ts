import { useEffect, useState } from 'react';
import type { Capture, Desk } from '../capture';
import type { Stroke } from './show';

const WIDTHS = { pen: 8, marker: 34 };

function useInk({ now, note, slide, take, tool, colour }: Desk) {
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [growing, setGrowing] = useState<Stroke | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another take begins with a clean slide
  useEffect(() => {
    setStrokes([]);
    setGrowing(null);
  }, [take]);

  const down = ([x, y]: [number, number]) => {
    if (tool !== 'pen' && tool !== 'marker') return;
    setGrowing({ from: now(), to: Infinity, slide, tool, colour, width: WIDTHS[tool], points: [[0, x, y]] });
  };
  const move = ([x, y]: [number, number]) => {
    if (!growing) return;
    setGrowing({ ...growing, points: [...growing.points, [Math.round(now() - growing.from), x, y]] });
  };
  const up = () => {
    if (!growing) return;
    const { from: at, tool, colour, width, points } = growing;
    note({ kind: 'ink', at, tool, colour, width, points });
    setStrokes((before) => [...before, growing]);
    setGrowing(null);
  };
  const wipe = () => {
    note({ kind: 'wipe' });
    setStrokes((before) => before.filter((stroke) => stroke.slide !== slide));
  };
  return {
    intervals: growing ? [...strokes, growing] : strokes,
    hand: { down, move, up },
    actions: [{ label: 'Wipe', key: 'w', run: wipe }],
  };
}

export const ink: Capture = {
  name: 'ink',
  tools: [
    { name: 'pen', label: 'Pen' },
    { name: 'marker', label: 'Marker' },
  ],
  use: useInk,
};
