import { type PointerEvent, type ReactNode, useEffect, useRef } from 'react';
import { useLatest } from '../../latest';
import type { Hand, Place } from '../../tracks/capture';
import { TrackLayers } from '../../tracks/TrackLayers';
import type { Tracks } from '../../tracks/track';

interface CaptureLayerProps {
  /** What has been done so far and is to be seen. */
  tracks: Tracks;
  slide: string;
  isToolChosen: boolean;
  hand: Required<Hand>;
  now: () => number;
  /** A rectangle that is being drawn, from corner to corner. */
  frame: { from: Place; to: Place } | null;
  /** What can be worked with the bare hand. */
  children?: ReactNode;
}

/** Where the teacher's hand works on the slide. */
export function CaptureLayer({ tracks, slide, isToolChosen, hand, now, frame, children }: CaptureLayerProps) {
  const layer = useRef<HTMLDivElement>(null);
  const turned = useLatest(hand.wheel);
  // React listens to wheels passively, and the page would scroll or grow as well.
  useEffect(() => {
    const listen = (event: WheelEvent) => {
      if (!event.ctrlKey && !layer.current?.closest('[data-enlarged]')) return;
      event.preventDefault();
      turned.current(placeIn(layer.current, event), event.deltaX, event.deltaY, event.ctrlKey);
    };
    const element = layer.current;
    element?.addEventListener('wheel', listen, { passive: false });
    return () => element?.removeEventListener('wheel', listen);
  }, [turned]);
  return (
    <div
      ref={layer}
      className={`absolute inset-0 touch-none ${isToolChosen ? 'cursor-crosshair' : ''}`}
      data-testid="drawing"
      onPointerDown={(event) => {
        if (isToolChosen) event.currentTarget.setPointerCapture(event.pointerId);
        hand.down(place(event));
      }}
      onPointerMove={(event) => hand.move(place(event))}
      onPointerUp={hand.up}
      onPointerCancel={hand.up}
      onPointerLeave={hand.leave}
    >
      <TrackLayers tracks={tracks} at={now()} slide={slide} />
      {frame && <Frame {...frame} />}
      {children}
    </div>
  );
}

/** Where a rectangle is being drawn. */
function Frame({ from, to }: { from: Place; to: Place }) {
  return (
    <svg viewBox="0 0 1600 900" className="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true">
      <rect
        x={Math.min(from[0], to[0])}
        y={Math.min(from[1], to[1])}
        width={Math.abs(to[0] - from[0])}
        height={Math.abs(to[1] - from[1])}
        className="fill-none stroke-action"
        strokeWidth={5}
        strokeDasharray="18 12"
      />
    </svg>
  );
}

function place(event: PointerEvent<HTMLDivElement>): Place {
  return placeIn(event.currentTarget, event);
}

/** In slide units, to a tenth. */
function placeIn(element: Element | null, { clientX, clientY }: { clientX: number; clientY: number }): Place {
  const box = element?.getBoundingClientRect() ?? new DOMRect(0, 0, 1, 1);
  return [
    Math.round(((clientX - box.left) / box.width) * 16000) / 10,
    Math.round(((clientY - box.top) / box.height) * 9000) / 10,
  ];
}
