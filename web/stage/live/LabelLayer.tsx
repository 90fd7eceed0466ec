import { useState } from 'react';
import type { Place } from './placed';
import type { Live } from './useLive';

const MOST_LETTERS = 80;

interface LabelLayerProps {
  live: Live;
  /** Where the blocks stand, in slide units. */
  boxes: Record<string, Place>;
  /** Where the slide was pressed, in slide units. */
  at: [number, number];
  onDone: () => void;
}

/** A label that is being typed where the slide was pressed; it belongs to the block next to it. */
export function LabelLayer({ live, boxes, at: [x, y], onDone }: LabelLayerProps) {
  const [text, setText] = useState('');
  const write = () => {
    const nearest = Object.entries(boxes).sort(([, one], [, other]) => distance(one, x, y) - distance(other, x, y))[0];
    if (text.trim() && nearest) {
      const [block, box] = nearest;
      const label = { text: text.trim(), x: (x - box.x) / box.width, y: (y - box.y) / box.height };
      live.act(block, { annotations: { labels: { [crypto.randomUUID().slice(0, 8)]: label } } });
    }
    onDone();
  };
  return (
    <input
      // biome-ignore lint/a11y/noAutofocus: it was asked for where it stands
      autoFocus
      aria-label="Label"
      value={text}
      maxLength={MOST_LETTERS}
      className="absolute z-10 min-h-8 w-56 -translate-y-1/2 rounded border-2 border-action bg-sheet px-1 text-base"
      style={{ left: `${x / 16}%`, top: `${y / 9}%` }}
      onPointerDown={(event) => event.stopPropagation()}
      onChange={(event) => setText(event.target.value)}
      onBlur={write}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') onDone();
      }}
    />
  );
}

function distance(box: Place, x: number, y: number): number {
  return Math.hypot(Math.max(box.x - x, 0, x - box.x - box.width), Math.max(box.y - y, 0, y - box.y - box.height));
}
