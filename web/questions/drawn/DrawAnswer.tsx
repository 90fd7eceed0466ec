import { type PointerEvent, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { FileChoice } from '../../ui/FileChoice';
import type { AnsweringProps } from '../Answering';
import { useGivenFile } from '../useGivenFile';
import { asPicture, type Point, SHEET, type Stroke } from './strokes';

/** An answer drawn on a sheet, or a photo of work on paper. */
export function DrawAnswer({ given, onWrite }: AnsweringProps) {
  const { address, keep } = useGivenFile(given, onWrite);
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [isDrawing, setDrawing] = useState(given === '');
  const draw = async (next: Stroke[]) => {
    setStrokes(next);
    await keep(await asPicture(next));
  };
  return (
    <div className="flex flex-col items-start gap-2">
      {isDrawing ? (
        <Sheet strokes={strokes} onDraw={(next) => void draw(next)} />
      ) : (
        address && <img src={address} alt="Your answer" className="w-full border border-rule" />
      )}
      <div className="flex flex-wrap gap-2">
        {isDrawing ? (
          <Button disabled={strokes.length === 0} onClick={() => void draw(strokes.slice(0, -1))}>
            Take the last line away
          </Button>
        ) : (
          <Button onClick={() => setDrawing(true)}>Draw instead</Button>
        )}
        <FileChoice
          label="Take a photo of your paper"
          accept="image/png,image/jpeg,image/webp"
          fromCamera
          onFile={(file) => {
            setDrawing(false);
            void keep(file);
          }}
        />
      </div>
    </div>
  );
}

function Sheet({ strokes, onDraw }: { strokes: Stroke[]; onDraw: (strokes: Stroke[]) => void }) {
  const sheet = useRef<SVGSVGElement>(null);
  const [current, setCurrent] = useState<Stroke | null>(null);
  const pointOf = (event: PointerEvent): Point => {
    const box = sheet.current?.getBoundingClientRect();
    const share = (at: number, from: number, size: number) => Math.min(1, Math.max(0, (at - from) / Math.max(1, size)));
    return {
      x: Math.round(share(event.clientX, box?.left ?? 0, box?.width ?? 1) * SHEET.width),
      y: Math.round(share(event.clientY, box?.top ?? 0, box?.height ?? 1) * SHEET.height),
    };
  };
  return (
    <svg
      ref={sheet}
      role="img"
      aria-label="Sheet to draw on"
      viewBox={`0 0 ${SHEET.width} ${SHEET.height}`}
      className="w-full touch-none border border-edge bg-white"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setCurrent([pointOf(event)]);
      }}
      onPointerMove={(event) => current && setCurrent([...current, pointOf(event)])}
      onPointerUp={() => {
        if (current) onDraw([...strokes, current]);
        setCurrent(null);
      }}
      onPointerCancel={() => setCurrent(null)}
    >
      {[...strokes, ...(current ? [current] : [])].map((stroke, number) => (
        <polyline
          key={number}
          points={[...stroke, ...stroke.slice(-1)].map(({ x, y }) => `${x},${y}`).join(' ')}
          fill="none"
          stroke="#1f2d36"
          strokeWidth={SHEET.pen}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
