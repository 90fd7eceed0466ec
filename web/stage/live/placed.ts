import type { Page } from '../page';

export interface Place {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** Where a box of a slide stands on its stage, as a style. */
export function placed(box: Place, page: Page) {
  return {
    left: share(box.x, page.width),
    top: share(box.y, page.height),
    width: share(box.width, page.width),
    height: share(box.height, page.height),
  };
}

function share(length: number, whole: number): string {
  return `${(length / whole) * 100}%`;
}
