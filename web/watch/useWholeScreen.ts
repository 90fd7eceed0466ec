import { type RefObject, useSyncExternalStore } from 'react';

export interface WholeScreen {
  isOn: boolean;
  /** Nothing where the browser gives no page the whole screen. */
  toggle: (() => void) | null;
}

/** The page on the whole screen, and back. */
export function useWholeScreen(page: RefObject<HTMLElement | null>): WholeScreen {
  const isOn = useSyncExternalStore(
    (changed) => {
      document.addEventListener('fullscreenchange', changed);
      return () => document.removeEventListener('fullscreenchange', changed);
    },
    () => document.fullscreenElement !== null,
  );
  const toggle = () => {
    // A browser may refuse; the page is then as it was.
    const change = isOn ? document.exitFullscreen() : page.current?.requestFullscreen();
    change?.catch(() => undefined);
  };
  return { isOn, toggle: document.fullscreenEnabled ? toggle : null };
}
