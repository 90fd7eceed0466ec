import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef } from 'react';
import { namePlaces, type Side } from './margins';
import type { PicturePoint } from './PicturePoints';

const STEP = 0.05;

/** Room for one name over the other, in rem. */
const NAME = 1.8;

/** The picture between its margins: names are dragged, or moved with the arrow keys, to where they are to stand. */
export function NamesInMargins({
  points,
  onWish,
  children,
}: {
  points: PicturePoint[];
  /** Without a side the name stands where it fits again. */
  onWish: (index: number, wish: { side?: Side; height?: number }) => void;
  children: ReactNode;
}) {
  const whole = useRef<HTMLDivElement>(null);
  const places = namePlaces(points);
  const most = Math.max(...['left', 'right'].map((side) => places.filter((place) => place.side === side).length));
  const drag = (event: PointerEvent, index: number) => {
    const box = whole.current?.getBoundingClientRect();
    if (!box || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const share = Math.min(1, Math.max(0, (event.clientY - box.top) / box.height));
    onWish(index, {
      side: event.clientX < box.left + box.width / 2 ? 'left' : 'right',
      height: Math.round(share * 100) / 100,
    });
  };
  const byKey = (event: KeyboardEvent, index: number) => {
    const place = places[index];
    if (!place) return;
    const wish = {
      ArrowLeft: { side: 'left' as const, height: place.height },
      ArrowRight: { side: 'right' as const, height: place.height },
      ArrowUp: { side: place.side, height: Math.max(0, place.height - STEP) },
      ArrowDown: { side: place.side, height: Math.min(1, place.height + STEP) },
      Delete: {},
      Backspace: {},
    }[event.key];
    if (!wish) return;
    event.preventDefault();
    onWish(index, wish);
  };
  return (
    <div
      ref={whole}
      className="relative flex flex-col justify-center px-[5.5rem]"
      style={{ minHeight: `${most * NAME}rem` }}
    >
      {children}
      {points.map((point, index) => {
        const place = places[index];
        if (!place) return null;
        return (
          <button
            key={index}
            type="button"
            title={point.name}
            aria-label={`Name ${index + 1}, ${point.name}, ${place.isWished ? `on the ${place.side}` : 'where it fits'}: move with the arrow keys, Delete lets it stand where it fits`}
            className={`absolute w-20 -translate-y-1/2 cursor-grab touch-none truncate rounded border bg-sheet px-1.5 py-0.5 text-small ${place.isWished ? 'border-action text-ink' : 'border-dashed border-rule text-quiet'} ${place.side === 'left' ? 'left-0 text-right' : 'right-0 text-left'}`}
            style={{ top: `${place.height * 100}%` }}
            onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
            onPointerMove={(event) => drag(event, index)}
            onKeyDown={(event) => byKey(event, index)}
          >
            {point.name}
          </button>
        );
      })}
    </div>
  );
}
