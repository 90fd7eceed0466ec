import type { PicturePoint } from './PicturePoints';

export type Side = 'left' | 'right';

export interface NamePlace {
  side: Side;
  /** From 0 to 1, from the top. */
  height: number;
  /** False while the name stands where it fits. */
  isWished: boolean;
}

/** How close two names may come, as a share of the height. */
const APART = 0.21;

/** Where names stand beside the picture while it is filled in: as wished, otherwise beside their points, none over another. */
export function namePlaces(points: PicturePoint[]): NamePlace[] {
  const places = points.map((point): NamePlace => {
    const isWished = point.side === 'left' || point.side === 'right';
    return {
      side: isWished ? (point.side as Side) : point.x < 0.5 ? 'left' : 'right',
      height: isWished ? (point.height ?? point.y) : point.y,
      isWished,
    };
  });
  for (const side of ['left', 'right'] as const) {
    const column = places.filter((place) => place.side === side).sort((one, other) => one.height - other.height);
    const apart = Math.min(APART, 1 / Math.max(1, column.length));
    column.forEach((place, at) => {
      const before = column[at - 1];
      place.height = Math.max(place.height, (at + 0.5) * apart, before ? before.height + apart : 0);
    });
    [...column].reverse().forEach((place, at, reversed) => {
      const below = reversed[at - 1];
      place.height = Math.min(place.height, 1 - (at + 0.5) * apart, below ? below.height - apart : 1);
    });
  }
  return places;
}
