import { useEffect, useState } from 'react';
import type { Capture, Desk, Place } from '../capture';
import { useFollowing } from '../spot';

const KEY = 'r';

function useRing({ now, note, held }: Desk) {
  const { spot, follow, leave } = useFollowing(now, (place) => note({ kind: 'ring', ...place }));
  const [hand, setHand] = useState<Place | null>(null);
  const isHeld = held === KEY;
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

export const ring: Capture = { name: 'ring', whileHeld: { key: KEY, label: 'Ring' }, use: useRing };
