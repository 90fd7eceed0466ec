import type { Capture, Desk, Place } from '../capture';
import { SPARK } from '../signs';
import { useFollowing } from '../spot';

function usePointer({ now, note, tool }: Desk) {
  const { spot, follow, leave } = useFollowing(now, (place) => note({ kind: 'point', ...place }));
  const isOn = tool === 'pointer';
  const move = (place: Place) => {
    if (isOn) follow(place);
  };
  return { intervals: spot && isOn ? [spot] : [], hand: { move, leave } };
}

export const pointer: Capture = {
  name: 'pointer',
  tools: [{ name: 'pointer', label: 'Pointer', sign: SPARK }],
  use: usePointer,
};
