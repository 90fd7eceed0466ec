import { useEffect, useRef, useState } from 'react';
import type { Capture, Desk, Place } from '../capture';
import type { Done } from '../done';
import { ARROW, CLOTH, MARKER, PEN, TAKE_BACK } from '../signs';
import type { Stroke } from './show';
import { arrow, snapped } from './snap';

const WIDTHS = { pen: 8, marker: 34 };

/** Milliseconds for which the pen is held still at the end of a stroke that is meant to be a straight line, a box or an ellipse. */
const HELD = 600;

/** Slide units that a hand moves while it holds still. */
const STILL = 8;

function useInk({ now, note, slide, take, before, tool, colour }: Desk) {
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [growing, setGrowing] = useState<Stroke | null>(null);
  const [isSnapped, setSnapped] = useState(false);
  const holding = useRef<ReturnType<typeof setTimeout>>(undefined);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another take begins with what was drawn before it
  useEffect(() => {
    setStrokes(strokesLeft(before));
    setGrowing(null);
    return () => clearTimeout(holding.current);
  }, [take]);

  const isArrow = tool === 'arrow';
  const drawsWith = isArrow ? 'pen' : tool;
  const down = ([x, y]: Place) => {
    if (drawsWith !== 'pen' && drawsWith !== 'marker') return;
    setSnapped(false);
    setGrowing({
      from: now(),
      to: Infinity,
      slide,
      tool: drawsWith,
      colour,
      width: WIDTHS[drawsWith],
      points: [[0, x, y]],
    });
  };
  const move = ([x, y]: Place) => {
    const first = growing?.points[0];
    if (!growing || !first || isSnapped) return;
    const took = Math.round(now() - growing.from);
    const last = growing.points.at(-1) ?? first;
    const isStill = Math.hypot(x - last[1], y - last[2]) < STILL;
    const points: Stroke['points'] = isArrow
      ? arrow([first[1], first[2]], [x, y], took)
      : [...growing.points, [took, x, y]];
    setGrowing({ ...growing, points });
    if (isArrow || isStill) return;
    clearTimeout(holding.current);
    holding.current = setTimeout(() => {
      const shape = snapped(points);
      if (!shape) return;
      setSnapped(true);
      setGrowing({ ...growing, points: shape });
    }, HELD);
  };
  const up = () => {
    clearTimeout(holding.current);
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
  const takeBack = () => {
    const last = lastOn(strokes, slide);
    if (!last) return;
    note({ kind: 'takeback' });
    setStrokes((before) => before.filter((stroke) => stroke !== last));
  };
  return {
    intervals: growing ? [...strokes, growing] : strokes,
    hand: { down, move, up },
    actions: [
      { label: 'Take back', sign: TAKE_BACK, key: 'z', run: takeBack },
      { label: 'Wipe', sign: CLOTH, key: 'w', run: wipe },
    ],
  };
}

/** What was drawn and is still to be seen. */
export function strokesLeft(before: Done[]): Stroke[] {
  let strokes: Stroke[] = [];
  for (const { event, slide } of before) {
    if (event.kind === 'ink') {
      const { tool, colour, width, points } = event;
      strokes.push({
        tool,
        colour,
        width,
        points: points as Stroke['points'],
        slide,
        from: Number.NEGATIVE_INFINITY,
        to: Infinity,
      });
    }
    if (event.kind === 'wipe') strokes = strokes.filter((stroke) => stroke.slide !== slide);
    if (event.kind === 'takeback') strokes = strokes.filter((stroke) => stroke !== lastOn(strokes, slide));
  }
  return strokes;
}

function lastOn(strokes: Stroke[], slide: string): Stroke | undefined {
  return strokes.filter((stroke) => stroke.slide === slide).at(-1);
}

export const ink: Capture = {
  name: 'ink',
  tools: [
    { name: 'pen', label: 'Pen', sign: PEN },
    { name: 'marker', label: 'Marker', sign: MARKER },
    { name: 'arrow', label: 'Arrow', sign: ARROW },
  ],
  use: useInk,
};
