import type { Note } from '../capture';

/** Where the blocks of a slide stand now, so that what is drawn over one stays with it when the slide is composed anew. */
export const laidOut = (slide: string, boxes: Record<string, [number, number, number, number]>): Note => ({
  kind: 'layout',
  slide,
  boxes,
});
