import { useEffect, useState } from 'react';

/** Pixels of the page that are seen clearly. */
const WINDOW = 96;

/** A reading ruler: what is above and below the line that is read is darker. It follows the pointer, and what is chosen by keyboard. */
export function Ruler() {
  const [y, setY] = useState<number | null>(null);
  useEffect(() => {
    const follow = (event: PointerEvent) => setY(event.clientY);
    const seek = (event: FocusEvent) => {
      if (event.target instanceof Element && event.target.matches(':focus-visible')) {
        const box = event.target.getBoundingClientRect();
        setY(box.top + box.height / 2);
      }
    };
    window.addEventListener('pointermove', follow);
    window.addEventListener('pointerdown', follow);
    window.addEventListener('focusin', seek);
    return () => {
      window.removeEventListener('pointermove', follow);
      window.removeEventListener('pointerdown', follow);
      window.removeEventListener('focusin', seek);
    };
  }, []);
  if (y === null) return null;
  const pane = 'pointer-events-none fixed inset-x-0 z-30 bg-black/35';
  return (
    <div aria-hidden="true" data-ruler="">
      <div className={`${pane} top-0`} style={{ height: Math.max(0, y - WINDOW / 2) }} />
      <div className={`${pane} bottom-0`} style={{ top: y + WINDOW / 2 }} />
    </div>
  );
}
