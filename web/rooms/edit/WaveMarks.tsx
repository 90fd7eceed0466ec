import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { RATE, type Take } from '../lesson/takes';

type Mark = Take['marks'][number];

/** Milliseconds that an arrow key moves a mark by; ten times as many with Shift. */
const NUDGE = 100;

interface WaveMarksProps {
  take: Take;
  onMove: (moved: Take['moved']) => void;
  /** The wave. */
  children: ReactNode;
}

/** What was done in a take, above its wave: dragged earlier or later, or taken out. */
export function WaveMarks({ take, onMove, children }: WaveMarksProps) {
  const [chosen, setChosen] = useState<number | null>(null);
  const [dragged, setDragged] = useState<{ number: number; at: number } | null>(null);
  const row = useRef<HTMLDivElement>(null);
  const length = take.length / (RATE / 1000);
  const mark = chosen === null ? undefined : take.marks[chosen];

  const move = (number: number, at: number) => {
    const of = take.marks[number];
    if (of) onMove(movedTo(take, of, within(take, number, at, length) - startOf(of)));
  };
  const takeOut = (of: Mark) =>
    onMove([...unmoved(take, of), ...of.events.map((each) => ({ event: each.number, at: null }))]);
  const keys = (event: KeyboardEvent, number: number, of: Mark) => {
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (event.key === 'Delete') takeOut(of);
    else if (step) move(number, startOf(of) + step * NUDGE * (event.shiftKey ? 10 : 1));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const at = (event: PointerEvent) => {
    const box = row.current?.getBoundingClientRect();
    return box ? ((event.clientX - box.left) / box.width) * length : 0;
  };
  if (take.marks.length === 0) return <div className="mt-3">{children}</div>;
  return (
    <>
      <div ref={row} className="relative mt-2 h-8">
        {take.marks.map((each, number) => (
          <button
            key={each.events[0]?.number}
            type="button"
            title={each.label}
            aria-label={`${each.label}, at ${(startOf(each) / 1000).toFixed(1)} s${each.isOut ? ', taken out' : ''}`}
            aria-pressed={chosen === number}
            style={{ left: `${((dragged?.number === number ? dragged.at : startOf(each)) / length) * 100}%` }}
            className={`absolute bottom-0 h-7 w-4 -translate-x-1/2 touch-none rounded-t-sm border-2 ${each.isOut ? 'border-dashed border-edge bg-transparent' : chosen === number ? 'border-action bg-action' : 'border-action bg-action-chosen'}`}
            onClick={() => setChosen(number)}
            onKeyDown={(event) => keys(event, number, each)}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              setChosen(number);
            }}
            onPointerMove={(event) => {
              if (event.currentTarget.hasPointerCapture(event.pointerId) && !each.isOut)
                setDragged({ number, at: within(take, number, at(event), length) });
            }}
            onPointerUp={() => {
              if (dragged && Math.abs(dragged.at - startOf(each)) > NUDGE / 2) move(number, dragged.at);
              setDragged(null);
            }}
            onPointerCancel={() => setDragged(null)}
          />
        ))}
      </div>
      {children}
      {mark && (
        <div className="mt-2 flex flex-wrap items-center gap-2">
          <span className="mr-auto" role="status">
            {mark.label}, at {(startOf(mark) / 1000).toFixed(1)} s{mark.isOut ? ' (taken out)' : ''}
          </span>
          {mark.isOut ? (
            <Button onClick={() => onMove(unmoved(take, mark))}>Put it back</Button>
          ) : (
            <>
              <Button onClick={() => move(chosen ?? 0, startOf(mark) - NUDGE)}>Earlier</Button>
              <Button onClick={() => move(chosen ?? 0, startOf(mark) + NUDGE)}>Later</Button>
              <Button onClick={() => takeOut(mark)}>Take it out</Button>
            </>
          )}
        </div>
      )}
    </>
  );
}

function startOf(mark: Mark): number {
  return mark.events[0]?.at ?? 0;
}

/** As far as what comes before and after on the same track lets it be moved. */
function within(take: Take, number: number, at: number, length: number): number {
  const mark = take.marks[number];
  if (!mark) return at;
  const isNear = (each: Mark) => each.track === mark.track && !each.isOut;
  const before = take.marks.slice(0, number).filter(isNear).at(-1);
  const after = take.marks.slice(number + 1).find(isNear);
  const lasts = (mark.events.at(-1)?.at ?? 0) - startOf(mark);
  const least = before?.events.at(-1)?.at ?? 0;
  const most = (after ? startOf(after) : length) - lasts;
  return Math.round(Math.max(least, Math.min(most, at)));
}

/** What else is moved in the take. */
function unmoved(take: Take, mark: Mark): Take['moved'] {
  const own = new Set(mark.events.map((each) => each.number));
  return take.moved.filter((each) => !own.has(each.event));
}

function movedTo(take: Take, mark: Mark, by: number): Take['moved'] {
  return [...unmoved(take, mark), ...mark.events.map((each) => ({ event: each.number, at: each.at + by }))];
}
