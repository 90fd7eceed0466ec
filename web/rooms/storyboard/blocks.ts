import type { KindsAnswer } from '../../answers.types';
import type { Block, Slide } from '../../lesson.types';
import { newId } from '../lesson/desk';

/** Changes to the blocks of a slide, as edits of the document. */

export type Kind = KindsAnswer['blocks'][number];

/** @returns the id of the new block, which appears at the step that is shown */
export function addBlock(slide: Slide, kind: Kind, step: number, content: Block['content'] = kind.blank): string {
  const block = {
    id: newId('block'),
    kind: kind.name,
    region: regionFor(slide),
    step: slide.steps[step]?.id ?? slide.steps[0]?.id ?? '',
    reveals: {},
    content: structuredClone(content),
  } as Block;
  for (const piece of kind.later) {
    const later = { id: newId('step'), script: '', pause: 0 };
    slide.steps.splice(step + 1, 0, later);
    block.reveals[piece] = later.id;
  }
  slide.blocks.push(block);
  return block.id;
}

export function removeBlock(slide: Slide, id: string): void {
  slide.blocks = slide.blocks.filter((each) => each.id !== id);
}

/** Where a block stands in the order of reading: one place earlier or later. */
export function moveBlock(slide: Slide, id: string, by: -1 | 1): void {
  const index = slide.blocks.findIndex((each) => each.id === id);
  const [moved] = slide.blocks.splice(index, 1);
  if (moved) slide.blocks.splice(Math.max(0, index + by), 0, moved);
}

function regionFor(slide: Slide): Block['region'] {
  if (slide.arrangement === 'stacked') return 'top';
  return slide.arrangement === 'whole' || slide.arrangement === 'opening' ? 'main' : 'left';
}

/** Sizes of a block against what the composer gives it, as the schema has them. */
export const SMALLEST_BLOCK = 0.5;
export const LARGEST_BLOCK = 1.6;

export function resizeBlock(block: Block, size: number): void {
  const next = Math.round(100 * Math.min(LARGEST_BLOCK, Math.max(SMALLEST_BLOCK, size))) / 100;
  if (next === 1) delete block.size;
  else block.size = next;
}

/** Pressed again, an alignment is left to the composer. */
export function alignBlock(block: Block, align: NonNullable<Block['align']>): void {
  if (block.align === align) delete block.align;
  else block.align = align;
}
