import { type KeyboardEvent, type PointerEvent, type RefObject, useState } from 'react';
import type { PointHandle, SlideScene } from '../../answers.types';
import type { Slide } from '../../lesson.types';
import { findBlock, useDesk } from '../lesson/desk';
import { placeOnSlide } from './pointer';
import { setValue } from './writing/paths';

interface PointHandlesProps {
  slide: Slide;
  scene: SlideScene;
  block: string;
  slideBox: RefObject<HTMLElement | null>;
}

/** How far an arrow key moves a point, as a share of its area; with Shift, a fifth of that. */
const STEP = 0.02;

/** The points of the chosen block that can be moved where they stand. */
export function PointHandles({ slide, scene, block, slideBox }: PointHandlesProps) {
  return scene.handles
    .filter((handle) => handle.block === block)
    .map((handle) => <Handle key={handle.path} slide={slide} handle={handle} slideBox={slideBox} />);
}

type Place = { x: number; y: number };

function Handle({ slide, handle, slideBox }: Pick<PointHandlesProps, 'slide' | 'slideBox'> & { handle: PointHandle }) {
  const desk = useDesk();
  const [dragged, setDragged] = useState<Place | null>(null);
  const place = dragged ?? handle;
  const [left, top, width, height] = handle.area;
  const put = ({ x, y }: Place) =>
    desk.edit((draft) => {
      const content = findBlock(draft, slide.id, handle.block).content;
      setValue(content, handle.path, { x: share(x), y: share(y) });
    });
  const under = (event: PointerEvent): Place => {
    const at = placeOnSlide(event, slideBox);
    return at ? { x: share((at.x - left) / width), y: share((at.y - top) / height) } : place;
  };
  const press = (event: KeyboardEvent) => {
    const far = event.shiftKey ? STEP / 5 : STEP;
    const by = { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key];
    if (!by) return;
    event.preventDefault();
    put({ x: handle.x + (by[0] ?? 0), y: handle.y + (by[1] ?? 0) });
  };
  return (
    <button
      type="button"
      aria-label={`${handle.label}: drag it, or press an arrow key`}
      title={handle.label}
      onKeyDown={press}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDragged({ x: handle.x, y: handle.y });
      }}
      onPointerMove={(event) => dragged && setDragged(under(event))}
      onPointerUp={(event) => {
        if (dragged) put(under(event));
        setDragged(null);
      }}
      onPointerCancel={() => setDragged(null)}
      className="absolute z-20 flex size-10 -translate-x-1/2 -translate-y-1/2 cursor-move touch-none items-center justify-center"
      style={{ left: `${(left + place.x * width) / 16}%`, top: `${(top + place.y * height) / 9}%` }}
    >
      <span className="size-4 rounded-full border-2 border-white bg-action" />
    </button>
  );
}

function share(value: number): number {
  return Math.round(1000 * Math.min(1, Math.max(0, value))) / 1000;
}
