import { useEffect, useState } from 'react';
import type { Capture, Desk, Place } from '../capture';
import type { Done } from '../done';
import { OPEN, PATCH } from '../signs';
import type { Cover } from './show';

/** Slide units under which a press is no drag. */
const LEAST = 20;

interface NamedCover extends Cover {
  id: string;
}

function useCovers({ now, note, slide, take, before, tool, blocks }: Desk) {
  const [covers, setCovers] = useState<NamedCover[]>([]);
  const [from, setFrom] = useState<Place | null>(null);
  const [to, setTo] = useState<Place | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another take begins with what was covered before it
  useEffect(() => {
    setCovers(coversLeft(before));
    setFrom(null);
  }, [take]);

  const here = covers.filter((cover) => cover.slide === slide);
  const cover = (box: Box) => {
    const id = `cover-${crypto.randomUUID().slice(0, 8)}`;
    note({ kind: 'cover', cover: id, ...box });
    setCovers((before) => [...before, { ...box, id, slide, from: now(), to: Infinity }]);
  };
  const takeOff = (id: string) => {
    note({ kind: 'uncover', cover: id });
    setCovers((before) => before.filter((each) => each.id !== id));
  };
  const down = (place: Place) => {
    if (tool !== 'cover') return;
    setFrom(place);
    setTo(place);
  };
  const move = (place: Place) => {
    if (from) setTo(place);
  };
  const up = () => {
    if (!from || !to) return;
    const box = between(from, to);
    const pressed = here.filter((each) => holds(each, from)).at(-1);
    setFrom(null);
    if (box.width >= LEAST && box.height >= LEAST) cover(box);
    else if (pressed) takeOff(pressed.id);
  };
  const coverNext = () => {
    const next = blocks.find(
      (box) => !here.some((each) => holds(each, [box.x + box.width / 2, box.y + box.height / 2])),
    );
    if (next) cover(rounded(next));
  };
  const uncoverNext = () => {
    const first = here[0];
    if (first) takeOff(first.id);
  };
  const growing = from && to ? [{ ...between(from, to), slide, from: 0, to: Infinity }] : [];
  return {
    intervals: [...covers, ...growing],
    hand: { down, move, up },
    actions: [
      { label: 'Cover next', sign: PATCH, key: 'c', run: coverNext },
      { label: 'Uncover', sign: OPEN, key: 'u', run: uncoverNext },
    ],
  };
}

/** What was covered and not uncovered. */
export function coversLeft(before: Done[]): NamedCover[] {
  const covers = new Map<string, NamedCover>();
  for (const { event, slide } of before) {
    if (event.kind === 'cover') {
      const { cover: id, x, y, width, height } = event;
      covers.set(id, { id, x, y, width, height, slide, from: Number.NEGATIVE_INFINITY, to: Infinity });
    }
    if (event.kind === 'uncover') covers.delete(event.cover);
  }
  return [...covers.values()];
}

interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

function between([x, y]: Place, [right, bottom]: Place): Box {
  return rounded({
    x: Math.min(x, right),
    y: Math.min(y, bottom),
    width: Math.abs(right - x),
    height: Math.abs(bottom - y),
  });
}

function rounded({ x, y, width, height }: Box): Box {
  const [left, top] = [Math.round(x), Math.round(y)];
  return { x: left, y: top, width: Math.round(x + width) - left, height: Math.round(y + height) - top };
}

function holds(box: Box, [x, y]: Place): boolean {
  return x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height;
}

export const covers: Capture = {
  name: 'covers',
  tools: [{ name: 'cover', label: 'Cover', sign: PATCH }],
  use: useCovers,
};
