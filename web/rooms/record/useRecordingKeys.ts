import { useEffect } from 'react';
import { useLatest } from '../../latest';
import type { Captured } from '../../tracks/capture';
import type { Recording } from './useRecording';

/** One key for everything that is done while speaking. */
export function useRecordingKeys(
  recording: Recording & { isTold: boolean },
  actions: NonNullable<Captured['actions']>,
  isReady: boolean,
): void {
  const keys = useLatest((event: KeyboardEvent) => {
    const target = event.target instanceof HTMLElement ? event.target : null;
    if (
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      target?.closest('input:not([type=checkbox]), textarea, select, [role=menu]')
    )
      return;
    const key = event.key.toLowerCase();
    const action = actions.find((each) => each.key === key);
    const isButton = target?.closest('button, a, summary, input') !== null;
    if (key === 'arrowright' || (key === ' ' && !isButton)) recording.reveal();
    // What a clicker sends: on through steps and slides.
    else if (key === 'pagedown') void (recording.isTold ? recording.moveOn() : recording.reveal());
    else if (key === 'arrowdown' || (key === 'enter' && !isButton)) void recording.moveOn();
    else if (key === 's' && isReady) recording.toggle();
    else if (key === 'p') recording.pause();
    else if (key === 'x') void recording.throwAway();
    else if (action) action.run();
    else return;
    event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => keys.current(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [keys]);
}
