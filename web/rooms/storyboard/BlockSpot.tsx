import type { RefObject } from 'react';
import type { SlideScene } from '../../answers.types';
import type { Block, Slide } from '../../lesson.types';
import { findSlide, useDesk } from '../lesson/desk';
import { removeBlock } from './blocks';
import type { Drop } from './drop';
import { useBlockDrag } from './useBlockDrag';
import { useKindLabel } from './useKindLabel';

/** Of 1600 by 900: what a finger or a pointer still finds. */
const LEAST = 50;

/** Between a block and the frame that shows that it is chosen. */
export const AROUND = 12;

/** Where a block is shown that has no place on the slide. */
const NOWHERE: [number, number, number, number] = [90, 780, 700, 80];

interface BlockSpotProps {
  slide: Slide;
  block: Block;
  scene: SlideScene;
  isChosen: boolean;
  isSeen: boolean;
  /** Whether all of it is changed in a form, because nothing of it is typed on the slide. */
  isForm: boolean;
  slideBox: RefObject<HTMLElement | null>;
  onChoose: () => void;
  onDrop: (drop: Drop | null) => void;
}

/** The place of a block on the slide: pressed it is chosen, dragged it is moved. */
export function BlockSpot({
  slide,
  block,
  scene,
  isChosen,
  isSeen,
  isForm,
  slideBox,
  onChoose,
  onDrop,
}: BlockSpotProps) {
  const desk = useDesk();
  const label = useKindLabel()(block.kind);
  const drag = useBlockDrag({ slide, scene, block: block.id, slideBox, onDrop });
  const box = scene.boxes[block.id];
  const [x, y, width, height] = box ?? NOWHERE;
  const isBeingPainted = !box && !(block.id in scene.problems);
  // A block with nothing in it yet has no height of its own, but is to be seen and touched.
  const isBare = isForm && box !== undefined && (width < LEAST || height < LEAST);
  // What is written on the spot begins its accessible name, so that it can be found by what is seen.
  const written = isBeingPainted
    ? null
    : !box
      ? `${label}: not shown yet`
      : isBare
        ? `${label}: nothing in it yet`
        : null;
  const change = `Change ${label.toLowerCase()}`;
  return (
    <button
      type="button"
      id={spotId(block.id)}
      aria-label={written ? `${written}. ${change}` : change}
      aria-pressed={isChosen}
      tabIndex={isForm ? 0 : -1}
      {...drag.handlers}
      onClick={() => {
        if (!drag.hasMoved.current) onChoose();
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Delete' && event.key !== 'Backspace') return;
        event.preventDefault();
        desk.edit((draft) => removeBlock(findSlide(draft, slide.id), block.id));
      }}
      className={`absolute rounded-sm border-2 ${isChosen ? 'border-action' : 'border-transparent hover:border-action/50'} ${box || isBeingPainted ? '' : 'border-dashed border-recording! bg-trouble-ground text-left text-small text-recording'} ${isBare ? 'border-dashed border-edge! bg-sheet text-left text-small text-quiet' : ''} ${box && !isSeen ? 'pointer-events-none' : ''}`}
      style={{
        left: `${(x - AROUND) / 16}%`,
        top: `${(y - AROUND) / 9}%`,
        width: `${(Math.max(width, LEAST) + 2 * AROUND) / 16}%`,
        height: `${(Math.max(height, LEAST) + 2 * AROUND) / 9}%`,
      }}
    >
      {written && <span className="px-2">{written}</span>}
    </button>
  );
}

export function spotId(block: string): string {
  return `spot-${block}`;
}
