import { type ReactNode, useRef } from 'react';
import { Button } from './Button';
import { addAndFocus, fieldIn } from './focus';

/** Stands behind a list and adds to it: the new thing, right before the button, has the cursor. */
export function AddButton({
  onAdd,
  disabled,
  children,
}: {
  onAdd: () => void;
  disabled?: boolean;
  children: ReactNode;
}) {
  const place = useRef<HTMLSpanElement>(null);
  return (
    <span ref={place} className="contents">
      <Button
        disabled={disabled}
        onClick={() => addAndFocus(onAdd, () => fieldIn(place.current?.previousElementSibling))}
      >
        {children}
      </Button>
    </span>
  );
}
