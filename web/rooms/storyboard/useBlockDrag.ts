import { type PointerEvent, type RefObject, useRef } from 'react';
import type { SlideScene } from '../../answers.types';
import type { Slide } from '../../lesson.types';
import { findSlide, useDesk } from '../lesson/desk';
import { type Drop, dropAt, place } from './drop';
import { placeOnSlide } from './pointer';

/** Pixels that a pointer moves by itself when something is only pressed. */
const STILL = 6;

interface BlockDrag {
  slide: Slide;
  scene: SlideScene;
  block: string;
  slideBox: RefObject<HTMLElement | null>;
  onDrop: (drop: Drop | null) => void;
}

/** A block is moved by dragging it, with mouse, pen or finger alike. */
export function useBlockDrag({ slide, scene, block, slideBox, onDrop }: BlockDrag) {
  const desk = useDesk();
  const start = useRef<{ x: number; y: number } | null>(null);
  const drop = useRef<Drop | null>(null);
  const hasMoved = useRef(false);
  const show = (next: Drop | null) => {
    drop.current = next;
    onDrop(next);
  };
  return {
    /** Whether the press that just ended was a drag, and is no click. */
    hasMoved,
    handlers: {
      onPointerDown: (event: PointerEvent) => {
        if (event.button !== 0) return;
        start.current = { x: event.clientX, y: event.clientY };
        hasMoved.current = false;
        event.currentTarget.setPointerCapture(event.pointerId);
      },
      onPointerMove: (event: PointerEvent) => {
        const at = placeOnSlide(event, slideBox);
        if (!start.current || !at) return;
        const far = Math.hypot(event.clientX - start.current.x, event.clientY - start.current.y) > STILL;
        if (!far && !hasMoved.current) return;
        hasMoved.current = true;
        show(dropAt(at.x, at.y, scene.boxes, block));
      },
      onPointerUp: () => {
        const wanted = drop.current;
        start.current = null;
        show(null);
        if (wanted) desk.edit((draft) => place(findSlide(draft, slide.id), scene, block, wanted));
      },
      onPointerCancel: () => {
        start.current = null;
        show(null);
      },
    },
  };
}
