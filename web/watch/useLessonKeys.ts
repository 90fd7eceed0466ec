import { useEffect } from 'react';
import type { Playing } from '../stage/Player';

/** Space stops and goes on, the arrows go five seconds back or on; not while a side slide is looked at. */
export function useLessonKeys(player: Playing, isAway: boolean): void {
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (target?.closest('input, textarea, select') || event.ctrlKey || event.metaKey || event.altKey) return;
      if (isAway) return;
      if (event.key === ' ' && !target?.closest('button, summary, a'))
        (player.isPlaying ? player.pause : player.play)();
      else if (event.key === 'ArrowLeft') player.seek(player.at - 5000);
      else if (event.key === 'ArrowRight') player.seek(player.at + 5000);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [player, isAway]);
}
