import { type ReactNode, useEffect, useRef } from 'react';
import { Button } from '../../ui/Button';
import { fieldIn } from '../../ui/focus';

interface PanelProps {
  title: string;
  onClose: () => void;
  children: ReactNode;
}

/** What cannot be said on the slide, under it: the slide and the script stay in view. */
export function Panel({ title, onClose, children }: PanelProps) {
  const inside = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // A list that it was chosen from gives the focus back first.
    const timer = setTimeout(() => {
      const first = fieldIn(inside.current);
      if (first instanceof HTMLElement) first.focus({ preventScroll: true });
    });
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const at = document.activeElement;
      // A button that did its work and is gone has left the focus nowhere.
      const isHere = at === document.body || inside.current?.contains(at);
      if (event.key !== 'Escape' || event.defaultPrevented || !isHere) return;
      event.preventDefault();
      onClose();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  });
  return (
    <div
      ref={inside}
      tabIndex={-1}
      role="dialog"
      aria-label={title}
      className="mt-2 flex min-h-52 shrink! flex-col overflow-hidden rounded-md border border-edge bg-paper"
    >
      <div className="flex items-center justify-between border-b border-rule pr-1 pl-4">
        <h3 className="text-base">{title}</h3>
        <Button look="quiet" onClick={onClose}>
          Done
        </Button>
      </div>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3 overflow-y-auto px-4 py-3 *:min-w-0">{children}</div>
    </div>
  );
}
