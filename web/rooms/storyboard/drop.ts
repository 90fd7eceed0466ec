import type { SlideScene } from '../../answers.types';
import type { Block, Slide } from '../../lesson.types';
import { columnsOf } from '../lesson/composition';

/** A place for a block that is moved: before or behind another one, or in the column at a side. */
export interface Drop {
  target: string;
  side: 'before' | 'after' | 'left' | 'right';
}

type Box = SlideScene['boxes'][string];

/** So close to the side of a block, as a share of its width, another one is put beside it. */
const BESIDE = 0.2;

/** @param x and y in slide units */
export function dropAt(x: number, y: number, boxes: SlideScene['boxes'], moving: string): Drop | null {
  const others = Object.entries(boxes).filter(([id]) => id !== moving);
  const nearest = others.sort(([, one], [, other]) => distance(x, y, one) - distance(x, y, other))[0];
  if (!nearest) return null;
  const [target, box] = nearest;
  const across = (x - box[0]) / Math.max(1, box[2]);
  const down = (y - box[1]) / Math.max(1, box[3]);
  const isBeside = down > 0 && down < 1;
  if (isBeside && across < BESIDE) return { target, side: 'left' };
  if (isBeside && across > 1 - BESIDE) return { target, side: 'right' };
  return { target, side: down < 0.5 ? 'before' : 'after' };
}

/** Puts a block where it was dropped. */
export function place(slide: Slide, scene: SlideScene, id: string, drop: Drop): void {
  const moved = slide.blocks.find((block) => block.id === id);
  const target = slide.blocks.find((block) => block.id === drop.target);
  if (!moved || !target) return;
  if (drop.side === 'left' || drop.side === 'right') {
    putBeside(slide, scene, id, drop.side);
    return;
  }
  slide.blocks.splice(slide.blocks.indexOf(moved), 1);
  slide.blocks.splice(slide.blocks.indexOf(target) + (drop.side === 'after' ? 1 : 0), 0, moved);
  moved.region = target.region;
}

/** Into the column at a side; what is not in columns yet goes to the other one. */
export function putBeside(slide: Slide, scene: SlideScene, id: string, side: 'left' | 'right'): void {
  const other: Block['region'] = side === 'left' ? 'right' : 'left';
  if (!/^(halves|wide)/.test(slide.arrangement)) {
    const columns = columnsOf(slide, scene);
    slide.arrangement = 'halves';
    if (columns) slide.share = columns.share;
    for (const block of slide.blocks) block.region = columns ? (columns.right.has(block.id) ? 'right' : 'left') : other;
  }
  const block = slide.blocks.find((each) => each.id === id);
  if (block) block.region = side;
}

function distance(x: number, y: number, [left, top, width, height]: Box): number {
  const across = Math.max(left - x, 0, x - left - width);
  const down = Math.max(top - y, 0, y - top - height);
  return Math.hypot(across, down);
}
