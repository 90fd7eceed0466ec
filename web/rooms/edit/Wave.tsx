import { type PointerEvent, useRef } from 'react';
import { RATE, type Take } from '../lesson/takes';
import { joined, type Range } from './ranges';
import { WaveMarks } from './WaveMarks';

const WINDOW = RATE / 20;

/** Samples that a drag must be long to mark anything, and that an edge is moved by at least. */
const NUDGE = RATE / 20;

interface WaveProps {
  take: Take;
  marked: Range | null;
  onMark: (range: Range) => void;
  onMove: (moved: Take['moved']) => void;
}

/** The sound of a take: what is marked on it, dragged over or typed as seconds; above it, what was done while speaking. */
export function Wave({ take, marked, onMark, onMove }: WaveProps) {
  const start = useRef<number | null>(null);
  const width = Math.max(1, take.waveform.length);
  const sample = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.max(0, Math.min(take.length, ((event.clientX - box.left) / box.width) * width * WINDOW));
  };
  const path = take.waveform
    .map((peak, index) => `M${index + 0.5} ${50 - Math.max(1, peak / 2)}V${50 + Math.max(1, peak / 2)}`)
    .join('');
  return (
    <>
      <WaveMarks take={take} onMove={onMove}>
        <svg
          viewBox={`0 0 ${width} 100`}
          preserveAspectRatio="none"
          role="img"
          aria-label="Sound wave. Drag over it to mark a stretch; the fields below do the same by keyboard."
          className="h-16 w-full touch-none rounded border border-rule bg-sheet"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            start.current = sample(event);
          }}
          onPointerMove={(event) => {
            if (start.current === null) return;
            const now = sample(event);
            if (Math.abs(now - start.current) > NUDGE)
              onMark({ from: Math.round(Math.min(start.current, now)), to: Math.round(Math.max(start.current, now)) });
          }}
          onPointerUp={() => {
            start.current = null;
          }}
        >
          <path d={path} stroke="var(--color-morning)" strokeWidth="0.8" />
          {joined(take.cuts).map((cut) => (
            <Stretch key={cut.from} range={cut} className="fill-rule opacity-85" />
          ))}
          {marked && <Stretch range={marked} className="fill-action opacity-35" />}
        </svg>
      </WaveMarks>
      {marked && (
        <div className="mt-2 flex gap-3">
          <Edge
            label="From"
            value={marked.from}
            most={take.length}
            onChange={(from) => onMark({ from: Math.min(from, marked.to - NUDGE), to: marked.to })}
          />
          <Edge
            label="To"
            value={marked.to}
            most={take.length}
            onChange={(to) => onMark({ from: marked.from, to: Math.max(to, marked.from + NUDGE) })}
          />
        </div>
      )}
    </>
  );
}

function Stretch({ range, className }: { range: Range; className: string }) {
  return (
    <rect x={range.from / WINDOW} y="0" width={(range.to - range.from) / WINDOW} height="100" className={className} />
  );
}

interface EdgeProps {
  label: string;
  value: number;
  most: number;
  onChange: (value: number) => void;
}

function Edge({ label, value, most, onChange }: EdgeProps) {
  return (
    <label className="flex items-center gap-2 text-small text-quiet">
      {label}
      <input
        type="number"
        min={0}
        max={most / RATE}
        step={0.05}
        value={(value / RATE).toFixed(2)}
        onChange={(event) => onChange(Math.max(0, Math.min(most, Math.round(Number(event.target.value) * RATE))))}
        className="min-h-10 w-24 rounded border border-edge bg-sheet px-2 text-base text-ink"
      />
      s
    </label>
  );
}
