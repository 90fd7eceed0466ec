import type { PointerEvent, RefObject } from 'react';

/** Where a pointer is on the slide, in slide units; null while the slide is not shown. */
export function placeOnSlide(
  event: PointerEvent,
  slideBox: RefObject<HTMLElement | null>,
): { x: number; y: number } | null {
  const box = slideBox.current?.getBoundingClientRect();
  if (!box) return null;
  const unit = 1600 / box.width;
  return { x: (event.clientX - box.left) * unit, y: (event.clientY - box.top) * unit };
}
