import type { PointerEvent } from 'react';
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
}

/** Where the teacher's hand works on the slide. */
export function CaptureLayer({ tracks, slide, isToolChosen, hand, now }: CaptureLayerProps) {
  return (
    <div
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
    </div>
  );
}

/** In slide units, to a tenth. */
function place(event: PointerEvent<HTMLDivElement>): Place {
  const box = event.currentTarget.getBoundingClientRect();
  return [
    Math.round(((event.clientX - box.left) / box.width) * 16000) / 10,
    Math.round(((event.clientY - box.top) / box.height) * 9000) / 10,
  ];
}
