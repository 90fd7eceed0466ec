import { type PointerEvent, type ReactNode, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { FileChoice } from '../../ui/FileChoice';
import type { AnsweringProps } from '../Answering';
import { useGivenFile } from '../useGivenFile';
import { asPicture, BLANK, moved, ON_SLIDE, type Point, type Sheet, type Stroke } from './strokes';

/** An answer drawn on a sheet or on the slide, or a photo of work on paper. */
export function DrawAnswer({ given, onWrite, slide }: AnsweringProps) {
  const { address, keep } = useGivenFile(given, onWrite);
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [sheet, setSheet] = useState<Sheet | null>(given === '' ? BLANK : null);
  const draw = async (next: Stroke[], on: Sheet) => {
    setStrokes(next);
    await keep(await asPicture(next, on));
  };
  const take = (next: Sheet) => {
    setSheet(next);
    if (sheet && strokes.length > 0) void draw(moved(strokes, sheet, next), next);
  };
  return (
    <div className="flex flex-col items-start gap-2">
      {sheet ? (
        <DrawingSheet
          sheet={sheet}
          under={sheet === ON_SLIDE ? slide : undefined}
          strokes={strokes}
          onDraw={(next) => void draw(next, sheet)}
        />
      ) : (
        address && <GivenPicture address={address} slide={slide} />
      )}
      <div className="flex flex-wrap gap-2">
        {sheet && (
          <Button disabled={strokes.length === 0} onClick={() => void draw(strokes.slice(0, -1), sheet)}>
            Take the last line away
          </Button>
        )}
        {slide && sheet !== ON_SLIDE && <Button onClick={() => take(ON_SLIDE)}>Draw on the slide</Button>}
        {sheet !== BLANK && <Button onClick={() => take(BLANK)}>Draw on a blank sheet</Button>}
        <FileChoice
          label="Take a photo of your paper"
          accept="image/png,image/jpeg,image/webp"
          fromCamera
          onFile={(file) => {
            setSheet(null);
            setStrokes([]);
            void keep(file);
          }}
        />
      </div>
    </div>
  );
}

/** What is given so far; what was drawn on the slide lies on it. */
function GivenPicture({ address, slide }: { address: string; slide?: ReactNode }) {
  const [isOnSlide, setOnSlide] = useState(false);
  return (
    <div className="relative w-full border border-rule">
      {isOnSlide && slide}
      <img
        src={address}
        alt="Your answer"
        className={isOnSlide ? 'absolute inset-0 size-full' : 'w-full'}
        onLoad={({ currentTarget: { naturalWidth, naturalHeight } }) =>
          setOnSlide(naturalWidth === ON_SLIDE.width && naturalHeight === ON_SLIDE.height)
        }
      />
    </div>
  );
}

interface DrawingSheetProps {
  sheet: Sheet;
  under?: ReactNode;
  strokes: Stroke[];
  onDraw: (strokes: Stroke[]) => void;
}

function DrawingSheet({ sheet, under, strokes, onDraw }: DrawingSheetProps) {
  const drawing = useRef<SVGSVGElement>(null);
  const [current, setCurrent] = useState<Stroke | null>(null);
  const pointOf = (event: PointerEvent): Point => {
    const box = drawing.current?.getBoundingClientRect();
    const share = (at: number, from: number, size: number) => Math.min(1, Math.max(0, (at - from) / Math.max(1, size)));
    return {
      x: Math.round(share(event.clientX, box?.left ?? 0, box?.width ?? 1) * sheet.width),
      y: Math.round(share(event.clientY, box?.top ?? 0, box?.height ?? 1) * sheet.height),
    };
  };
  return (
    <div className="relative w-full border border-edge" style={{ backgroundColor: sheet.paper }}>
      {under && (
        <div className="absolute inset-0" aria-hidden>
          {under}
        </div>
      )}
      <svg
        ref={drawing}
        role="img"
        aria-label={under ? 'The slide to draw on' : 'Sheet to draw on'}
        viewBox={`0 0 ${sheet.width} ${sheet.height}`}
        className="relative block w-full touch-none"
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
            stroke={sheet.ink}
            strokeWidth={sheet.pen}
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ))}
      </svg>
    </div>
  );
}
