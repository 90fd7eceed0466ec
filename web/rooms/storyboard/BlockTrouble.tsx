import type { SlideScene } from '../../answers.types';
import { Notice } from '../../ui/Notice';
import { Refused } from '../lesson/Refused';

/** Why a block is not shown as it should be, or not saved. */
export function BlockTrouble({ slide, block, scene }: { slide: string; block: string; scene: SlideScene }) {
  const trouble =
    scene.problems[block] ??
    (scene.overfull.includes(block)
      ? 'This does not fit on the slide. Shorten it, or move it to a slide of its own.'
      : undefined);
  return (
    <>
      <Refused slide={slide} block={block} />
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </>
  );
}
