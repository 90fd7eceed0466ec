import { useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { turned } from './changes';
import type { BlockHandle, Live } from './useLive';

/** Milliseconds between two acts while a number is turned: each is a picture of its own. */
const OFTEN = 90;

/** How many rows they take under the slide. */
export function dialRows(live: Live): number {
  return Math.ceil(live.handles.filter((handle) => !handle.box).length / 2);
}

/** The numbers of live blocks, each to be turned up and down. */
export function LiveDials({ live }: { live: Live }) {
  const dials = live.handles.filter((handle) => handle.way === 'turn');
  const presses = live.handles.filter((handle) => handle.way === 'press' && !handle.box);
  if (dials.length + presses.length === 0) return null;
  return (
    <fieldset className="grid grid-cols-2 items-center gap-x-6">
      <legend className="sr-only">To be worked beside the slide</legend>
      {dials.map((dial) => (
        <Dial key={`${dial.block} ${dial.name}`} dial={dial} live={live} />
      ))}
      {presses.map((press) => (
        <span key={`${press.block} ${press.name}`} className="flex flex-wrap items-center gap-2">
          <span className="text-small">{press.label}:</span>
          {press.targets.map((target) => (
            <Button key={target.label} onClick={() => live.act(press.block, target.change)}>
              {target.label}
            </Button>
          ))}
        </span>
      ))}
    </fieldset>
  );
}

function Dial({ dial, live }: { dial: BlockHandle; live: Live }) {
  const [hand, setHand] = useState<number | null>(null);
  const last = useRef(Number.NEGATIVE_INFINITY);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  const newest = useRef({ dial, live });
  newest.current = { dial, live };
  const value = hand ?? Number(dial.value);
  const turn = (next: number) => {
    setHand(next);
    clearTimeout(waiting.current);
    const act = () => {
      last.current = performance.now();
      newest.current.live.act(dial.block, turned(newest.current.dial, next));
    };
    const wait = last.current + OFTEN - performance.now();
    if (wait <= 0) act();
    else waiting.current = setTimeout(act, wait);
  };
  return (
    <label className="flex min-h-10 items-center gap-2">
      <span className="max-w-60 truncate text-small">{dial.label}</span>
      <input
        type="range"
        className="w-44 accent-action"
        min={dial.range?.least}
        max={dial.range?.most}
        step={dial.range?.step}
        value={value}
        onChange={(event) => turn(Number(event.target.value))}
        onPointerUp={() => setHand(null)}
        onBlur={() => setHand(null)}
        onKeyDown={(event) => event.stopPropagation()}
      />
      <output className="w-12 tabular-nums">{value}</output>
    </label>
  );
}
