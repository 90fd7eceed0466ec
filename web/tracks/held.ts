import { useEffect, useState } from 'react';
import type { Capture, Desk, Note, Place } from './capture';
import { useFollowing } from './spot';

/** Something that follows the hand for as long as a key is held. */
export function whileHeld(name: 'ring' | 'light', key: string, label: string): Capture {
  function useHeld({ now, note, held }: Desk) {
    const { spot, follow, leave } = useFollowing(now, (place) => note({ kind: name, ...place } as Note));
    const [hand, setHand] = useState<Place | null>(null);
    const isHeld = held === key;
    // It comes where the hand is already, and goes with the key.
    // biome-ignore lint/correctness/useExhaustiveDependencies: only when the key is pressed or let go
    useEffect(() => {
      if (isHeld && hand) follow(hand);
      if (!isHeld) leave();
    }, [isHeld]);
    const move = (place: Place) => {
      setHand(place);
      if (isHeld) follow(place);
    };
    const away = () => {
      setHand(null);
      leave();
    };
    return { intervals: spot && isHeld ? [spot] : [], hand: { move, leave: away } };
  }
  return { name, whileHeld: { key, label }, use: useHeld };
}
