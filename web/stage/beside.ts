import type { Page } from './page';
import { WIDE } from './page';

interface Room {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Where slide and camera stand when both are seen, in units of the page. The video has the same (core/Deck/Beside.php). */
export function besideRooms(page: Page): { slide: Room; camera: Room } {
  return page.width === WIDE.width
    ? {
        slide: { x: 20, y: 112.5, width: 1200, height: 675 },
        camera: { x: 1240, y: 223.75, width: 340, height: 452.5 },
      }
    : { slide: { x: 87, y: 0, width: 496, height: 771.4 }, camera: { x: 185, y: 792, width: 300, height: 230 } };
}
