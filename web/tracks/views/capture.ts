import { useEffect, useRef, useState } from 'react';
import { WIDE } from '../../stage/page';
import type { Capture, Desk, Place } from '../capture';
import type { Done } from '../done';
import { CORNERS, GLASS } from '../signs';
import type { Seen, View } from './show';

const WHOLE: Seen = { x: 0, y: 0, ...WIDE };

/** The least that can be seen, in slide units: ten times as large. */
const LEAST = 160;

/** How much larger or smaller one notch of a wheel makes it. */
const NOTCH = 1.0015;

/** Slide units under which a press is no rectangle. */
const PRESS = 30;

function useViews({ now, note, slide, take, before, tool }: Desk) {
  const [seen, setSeen] = useState<Seen>(WHOLE);
  const [from, setFrom] = useState<Place | null>(null);
  const [to, setTo] = useState<Place | null>(null);
  const begun = useRef('');
  // biome-ignore lint/correctness/useExhaustiveDependencies: another slide is seen whole, and a take begins with what was seen before it
  useEffect(() => {
    setSeen(begun.current === take ? WHOLE : viewLeft(before));
    setFrom(null);
    begun.current = take;
  }, [take, slide]);

  const show = (next: Seen) => {
    setSeen(next);
    note({ kind: 'view', x: next.x, y: next.y, width: next.width });
  };
  const down = (place: Place) => {
    if (tool !== 'zoom') return;
    setFrom(place);
    setTo(place);
  };
  const move = (place: Place) => {
    if (from) setTo(place);
  };
  const up = () => {
    if (!from || !to) return;
    setFrom(null);
    const [width, height] = [Math.abs(to[0] - from[0]), Math.abs(to[1] - from[1])];
    if (width < PRESS && height < PRESS) return show(WHOLE);
    const wide = Math.max(width, (height * WIDE.width) / WIDE.height);
    show(around((from[0] + to[0]) / 2, (from[1] + to[1]) / 2, wide));
  };
  const wheel = ([x, y]: Place, across: number, along: number, isPinch: boolean) => {
    if (!isPinch) {
      if (seen.width < WIDE.width) show(onPage(seen.x + across, seen.y + along, seen.width));
      return;
    }
    const width = Math.min(WIDE.width, Math.max(LEAST, seen.width * NOTCH ** (along * 3)));
    // What is under the hand stays there.
    const share = width / seen.width;
    show(onPage(x - (x - seen.x) * share, y - (y - seen.y) * share, width));
  };
  const isWhole = seen.width >= WIDE.width;
  const view: View[] = isWhole ? [] : [{ ...seen, slide, from: now() - 1, to: Infinity }];
  const frame = from && to ? { from, to } : null;
  return {
    intervals: view,
    frame,
    hand: { down, move, up, wheel },
    actions: [{ label: 'Show all', sign: CORNERS, key: '0', run: () => !isWhole && show(WHOLE) }],
  };
}

/** What of the slide was seen last. */
export function viewLeft(before: Done[]): Seen {
  const last = before.filter(({ event }) => ['view', 'visit', 'return'].includes(event.kind)).at(-1)?.event;
  return last?.kind === 'view' ? onPage(last.x, last.y, last.width) : WHOLE;
}

/** Part of the slide in its own shape, about a place. */
function around(x: number, y: number, width: number): Seen {
  const wide = Math.min(WIDE.width, Math.max(LEAST, width));
  return onPage(x - wide / 2, y - (wide * WIDE.height) / WIDE.width / 2, wide);
}

function onPage(x: number, y: number, width: number): Seen {
  const height = (width * WIDE.height) / WIDE.width;
  const round = (length: number) => Math.round(length * 10) / 10;
  return {
    x: round(Math.min(WIDE.width - width, Math.max(0, x))),
    y: round(Math.min(WIDE.height - height, Math.max(0, y))),
    width: round(width),
    height: round(height),
  };
}

export const views: Capture = {
  name: 'views',
  tools: [{ name: 'zoom', label: 'Look closer', sign: GLASS }],
  use: useViews,
};
