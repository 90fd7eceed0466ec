import type { SlideScene } from '../../answers.types';
import type { Block, LessonDocument, Slide } from '../../lesson.types';

/** The slide in units, the margin of its blocks, and the space between two columns. */
const WIDTH = 1600;
const MARGIN = 96;
const GUTTER = 56;

export const LEAST_SHARE = 0.25;
export const MOST_SHARE = 0.75;

/** Two columns, as a slide is laid out now. */
export interface Columns {
  /** Of the left one. */
  share: number;
  right: ReadonlySet<string>;
}

/**
 * A slide that is changed keeps how it was last laid out, so that the server does not turn it over for a word.
 *
 * @param before the slides as JSON, by id
 */
export function keepCompositions(
  document: LessonDocument,
  before: ReadonlyMap<string, string>,
  scenes: Record<string, SlideScene>,
): void {
  for (const slide of document.parts.flatMap((part) => part.slides)) {
    const composition = scenes[slide.id]?.composition;
    const known = before.get(slide.id);
    if (composition && known !== undefined && known !== JSON.stringify(slide)) slide.composition = composition;
  }
}

export function slidesAsText(document: LessonDocument): Map<string, string> {
  return new Map(
    document.parts.flatMap((part) => part.slides).map((slide) => [slide.id, JSON.stringify(slide)] as const),
  );
}

/** How a slide stands in two columns; null where it does not. */
export function columnsOf(slide: Slide, scene: SlideScene): Columns | null {
  const match = /^([\d ]+)@(\d+)\|([\d ]+)@\d+$/.exec(scene.composition);
  if (!match) return null;
  // What could not be drawn has no number in the composition.
  const drawn = slide.blocks.filter((block) => !(block.id in scene.problems));
  const right = (match[3] ?? '').split(' ').map((number) => drawn[Number(number)]?.id ?? '');
  return { share: Number(match[2]) / 100, right: new Set(right) };
}

/** Where the space between the columns is, in hundredths of the slide’s width. */
export function dividerAt(share: number): number {
  return (100 * (MARGIN + (WIDTH - 2 * MARGIN - GUTTER) * share + GUTTER / 2)) / WIDTH;
}

/** @param at hundredths of the slide’s width */
export function shareAt(at: number): number {
  const share = ((at / 100) * WIDTH - MARGIN - GUTTER / 2) / (WIDTH - 2 * MARGIN - GUTTER);
  return Math.round(100 * Math.min(MOST_SHARE, Math.max(LEAST_SHARE, share))) / 100;
}

/** The teacher wants these columns as wide as that. */
export function insistOn(slide: Slide, columns: Columns, share: number): void {
  slide.arrangement = 'halves';
  slide.share = share;
  for (const block of slide.blocks) {
    const region: Block['region'] = columns.right.has(block.id) ? 'right' : 'left';
    block.region = region;
  }
}
