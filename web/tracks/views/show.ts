import type { Page } from '../../stage/page';
import { type Interval, playing } from '../playhead';
import type { Track, Tracks } from '../track';

/** A part of a page that is seen large, in units of the page. */
export interface Seen {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** While a part of a slide is seen large. */
export interface View extends Interval, Seen {
  slide: string;
}

export const views: Track = { name: 'views' };

/** What part of a slide is seen at a moment; nothing where it is all of it. */
export function viewAt(tracks: Tracks, at: number, slide: string): View | undefined {
  return (playing(tracks[views.name] ?? [], at) as View[]).filter((view) => view.slide === slide).at(-1);
}

/** How a page is moved and enlarged so that a part of it fills its place. */
export function enlarged(view: Seen | undefined, page: Page): string {
  if (!view) return 'none';
  const share = (length: number, whole: number) => `${(-100 * length) / whole}%`;
  return `scale(${page.width / view.width}) translate(${share(view.x, page.width)}, ${share(view.y, page.height)})`;
}
