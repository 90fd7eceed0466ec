import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';
import { RATE, type Take } from '../lesson/takes';

type Cut = { from: number; to: number };

const WINDOW = RATE / 20;
const NUDGE = RATE / 20;

/** The words of a take with their silences, and the sound wave under them: what is marked can be cut out. */
export function TakeEditor({ take, onCuts }: { take: Take; onCuts: (cuts: Cut[]) => Promise<void> }) {
  const [marked, setMarked] = useState<Cut | null>(null);
  const [anchor, setAnchor] = useState<number | null>(null);
  const audio = useRef<HTMLAudioElement>(null);
  const isCut = (from: number, to: number) => take.cuts.some((cut) => cut.from <= from + 1 && cut.to >= to - 1);
  const touchesCut = (word: { from: number; to: number }) =>
    take.cuts.some((cut) => cut.from < (word.from + word.to) / 2 && (word.from + word.to) / 2 < cut.to);

  const markWord = (index: number, extend: boolean) => {
    const start = extend && anchor !== null ? anchor : index;
    if (!extend || anchor === null) setAnchor(index);
    const [first, last] = start < index ? [start, index] : [index, start];
    const from = take.words[first]?.from;
    const to = take.words[last]?.to;
    if (from !== undefined && to !== undefined) setMarked({ from, to });
  };
  const cut = () => {
    if (!marked) return;
    const merged = merge([
      ...take.cuts,
      { from: Math.max(0, Math.round(marked.from)), to: Math.min(take.length, Math.round(marked.to)) },
    ]);
    setMarked(null);
    void onCuts(merged);
  };
  const listen = () => {
    const element = audio.current;
    if (!element || !marked) return;
    element.currentTime = marked.from / RATE;
    void element.play();
    const stop = () => {
      if (element.currentTime * RATE >= marked.to) {
        element.pause();
        element.removeEventListener('timeupdate', stop);
      }
    };
    element.addEventListener('timeupdate', stop);
  };
  const keys = (event: KeyboardEvent) => {
    if (!marked || (event.key !== 'Delete' && event.key !== 'Backspace')) return;
    event.preventDefault();
    cut();
  };

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: Delete is a short way to the button below
    <div onKeyDown={keys}>
      <p className="mb-2 text-small text-quiet">
        Touch a word or a silence to mark it, with Shift as far as another one. Then cut it out.
      </p>
      <p className="max-h-64 overflow-y-auto rounded border border-rule bg-sheet p-3 text-lg leading-9">
        {take.words.map((word, index) => (
          <button
            key={index}
            type="button"
            onClick={(event) => markWord(index, event.shiftKey)}
            aria-label={nameOf(word)}
            aria-pressed={marked !== null && word.from < marked.to && word.to > marked.from}
            className={`rounded-sm px-1 text-lg leading-7 ${marked && word.from < marked.to && word.to > marked.from ? 'bg-action text-white' : touchesCut(word) ? 'text-quiet line-through' : word.isSilence ? 'text-quiet' : word.departure ? 'border-b-2 border-dashed border-action' : ''}`}
          >
            {word.isSilence ? `· ${((word.to - word.from) / RATE).toFixed(1)} s ·` : shownAs(word)}
          </button>
        ))}
      </p>
      <Wave take={take} marked={marked} onMark={setMarked} />
      <div className="mt-3 flex flex-wrap items-end gap-2">
        <Edge
          label="From"
          value={marked?.from}
          onChange={(from) => marked && setMarked({ from: Math.min(from, marked.to - NUDGE), to: marked.to })}
          most={take.length}
        />
        <Edge
          label="To"
          value={marked?.to}
          onChange={(to) => marked && setMarked({ from: marked.from, to: Math.max(to, marked.from + NUDGE) })}
          most={take.length}
        />
        <Button onClick={listen} disabled={!marked}>
          Listen to it
        </Button>
        <Button look={marked ? 'main' : 'plain'} onClick={cut} disabled={!marked || isCut(marked.from, marked.to)}>
          Cut it out
        </Button>
      </div>
      {take.cuts.length > 0 && (
        <div className="mt-4">
          <h3 className="mb-1 text-small text-quiet">Cut out</h3>
          <ul className="flex flex-wrap gap-2">
            {take.cuts.map((each) => (
              <li key={each.from}>
                <Button onClick={() => void onCuts(take.cuts.filter((other) => other !== each))}>
                  {clock(each.from / RATE)} to {clock(each.to / RATE)} ({((each.to - each.from) / RATE).toFixed(1)} s):
                  put back
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
      <audio ref={audio} src={`/api/takes/${take.id}/sound`} preload="none" />
    </div>
  );
}

function merge(cuts: Cut[]): Cut[] {
  const sorted = [...cuts].sort((one, other) => one.from - other.from);
  const merged: Cut[] = [];
  for (const cut of sorted) {
    const last = merged[merged.length - 1];
    if (last && cut.from <= last.to) last.to = Math.max(last.to, cut.to);
    else merged.push({ ...cut });
  }
  return merged;
}

function Edge({
  label,
  value,
  most,
  onChange,
}: {
  label: string;
  value: number | undefined;
  most: number;
  onChange: (value: number) => void;
}) {
  return (
    <label className="text-small text-quiet">
      {label}
      <span className="flex items-center gap-1">
        <input
          type="number"
          min={0}
          max={most / RATE}
          step={0.05}
          disabled={value === undefined}
          value={value === undefined ? '' : (value / RATE).toFixed(2)}
          onChange={(event) => onChange(Math.round(Number(event.target.value) * RATE))}
          className="min-h-10 w-24 rounded border border-edge bg-sheet px-2 text-base text-ink"
        />
        s
      </span>
    </label>
  );
}

function Wave({ take, marked, onMark }: { take: Take; marked: Cut | null; onMark: (cut: Cut) => void }) {
  const start = useRef<number | null>(null);
  const width = Math.max(1, take.waveform.length);
  const sample = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.max(0, Math.min(take.length, ((event.clientX - box.left) / box.width) * width * WINDOW));
  };
  const path = take.waveform
    .map((peak, index) => `M${index + 0.5} ${50 - Math.max(1, peak / 2)}V${50 + Math.max(1, peak / 2)}`)
    .join('');
  const share = (value: number) => value / WINDOW;
  return (
    <svg
      viewBox={`0 0 ${width} 100`}
      preserveAspectRatio="none"
      role="img"
      aria-label="Sound wave. Drag over it to mark a stretch; the fields below do the same by keyboard."
      className="mt-3 h-24 w-full touch-none rounded border border-rule bg-sheet"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = sample(event);
      }}
      onPointerMove={(event) => {
        if (start.current === null) return;
        const now = sample(event);
        if (Math.abs(now - start.current) > NUDGE)
          onMark({ from: Math.min(start.current, now), to: Math.max(start.current, now) });
      }}
      onPointerUp={() => {
        start.current = null;
      }}
    >
      <path d={path} stroke="#1B6074" strokeWidth="0.8" />
      {take.cuts.map((cut) => (
        <rect
          key={cut.from}
          x={share(cut.from)}
          y="0"
          width={share(cut.to - cut.from)}
          height="100"
          fill="#D8D4C8"
          opacity="0.85"
        />
      ))}
      {marked && (
        <rect
          x={share(marked.from)}
          y="0"
          width={share(marked.to - marked.from)}
          height="100"
          fill="#0B5A60"
          opacity="0.35"
        />
      )}
    </svg>
  );
}

type Word = Take['words'][number];

/** A word as it stands in the text; what the script does not have is told in brackets. */
function shownAs(word: Word): string {
  if (word.departure === 'restarted') return `${word.text} … (begun again)`;
  if (word.departure === 'added') return `(said beside the script, ${((word.to - word.from) / RATE).toFixed(1)} s)`;
  return word.text;
}

function nameOf(word: Word): string | undefined {
  return word.isSilence ? `· ${((word.to - word.from) / RATE).toFixed(1)} s · of silence` : undefined;
}
