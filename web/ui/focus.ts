import { flushSync } from 'react-dom';

/** Adds something and puts the cursor into it before the next key is pressed: no letter goes elsewhere. */
export function addAndFocus(add: () => void, find: () => Element | null | undefined): void {
  flushSync(add);
  const found = find();
  if (found instanceof HTMLElement) found.focus();
}

/** The first place to type in below an element, or the element itself where it can have the focus. */
export function fieldIn(element: Element | null | undefined): Element | null | undefined {
  return element?.querySelector('input:not([type=radio]):not([type=checkbox]), textarea') ?? element;
}
