import type { TakeEvent } from '../events.types';

/** Something that was done in the part of a take that is gone on from, and the slide that was seen then. */
export interface Done {
  event: TakeEvent;
  slide: string;
}

export const NOTHING_DONE: Done[] = [];

/** What was done before a moment of a take, in milliseconds. */
export function doneBefore(events: TakeEvent[], at: number, slide: string): Done[] {
  let visited: string | null = null;
  return events.flatMap((event) => {
    if (event.at >= at) return [];
    const done = { event, slide: visited ?? slide };
    if (event.kind === 'visit') visited = event.slide;
    if (event.kind === 'return') visited = null;
    return [done];
  });
}
