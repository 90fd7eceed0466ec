import { type KeyboardEvent, type PointerEvent, type RefObject, useRef, useState } from 'react';
import type { SlideScene } from '../../answers.types';
import type { Block, Slide } from '../../lesson.types';
import { Sign } from '../../ui/Sign';
import { findBlock, findSlide, useDesk } from '../lesson/desk';
import { AROUND } from './BlockSpot';
import { LARGEST_BLOCK, moveBlock, resizeBlock, SMALLEST_BLOCK } from './blocks';
import { type Drop, putBeside } from './drop';
import { placeOnSlide } from './pointer';
import { useBlockDrag } from './useBlockDrag';
import { useKindLabel } from './useKindLabel';

interface HandlesProps {
  slide: Slide;
  block: Block;
  scene: SlideScene;
  slideBox: RefObject<HTMLElement | null>;
  onDrop: (drop: Drop | null) => void;
}

const MOVE =
  'M12 3v18M3 12h18M12 3l-2.500 2.500M12 3l2.500 2.500M12 21l-2.500-2.500M12 21l2.500-2.500M3 12l2.500-2.500M3 12l2.500 2.500M21 12l-2.500-2.500M21 12l-2.500 2.500';

/** From here on, in slide units, a block stands in a right column. */
const RIGHT_HALF = 420;

/** How much an arrow key enlarges. */
const STEP = 0.05;

/** What the chosen block is moved and resized by. */
export function Handles(props: HandlesProps) {
  const box = props.scene.boxes[props.block.id];
  if (!box) return null;
  return (
    <>
      <Grip {...props} box={box} />
      <Corner {...props} box={box} />
    </>
  );
}

type Placed = HandlesProps & { box: SlideScene['boxes'][string] };

const LOOK = 'absolute z-20 flex size-10 touch-none items-center justify-center text-white';

function Grip({ slide, block, scene, slideBox, onDrop, box }: Placed) {
  const desk = useDesk();
  const label = useKindLabel()(block.kind).toLowerCase();
  const drag = useBlockDrag({ slide, scene, block: block.id, slideBox, onDrop });
  // At the margin of the slide, out of the way of the divider between two columns.
  const isOnRight = box[0] > RIGHT_HALF;
  const press = (event: KeyboardEvent) => {
    const change = {
      ArrowUp: (draft: Slide) => moveBlock(draft, block.id, -1),
      ArrowDown: (draft: Slide) => moveBlock(draft, block.id, 1),
      ArrowLeft: (draft: Slide) => putBeside(draft, scene, block.id, 'left'),
      ArrowRight: (draft: Slide) => putBeside(draft, scene, block.id, 'right'),
    }[event.key];
    if (!change) return;
    event.preventDefault();
    desk.edit((draft) => change(findSlide(draft, slide.id)));
  };
  return (
    <button
      type="button"
      aria-label={`Move the ${label}: drag it, or press an arrow key`}
      title="Move it: drag, or arrow keys"
      {...drag.handlers}
      onKeyDown={press}
      className={`${LOOK} ${isOnRight ? '-translate-x-[15%]' : '-translate-x-[85%]'} -translate-y-1/2 cursor-move`}
      style={at(isOnRight ? box[0] + box[2] + AROUND : box[0] - AROUND, box[1] + 20)}
    >
      <span className="flex size-7 items-center justify-center rounded-full bg-action">
        <Sign path={MOVE} size={18} />
      </span>
    </button>
  );
}

function Corner({ slide, block, slideBox, box }: Placed) {
  const desk = useDesk();
  const label = useKindLabel()(block.kind).toLowerCase();
  const size = block.size ?? 1;
  const start = useRef<{ size: number; reach: number } | null>(null);
  const [dragged, setDragged] = useState<number | null>(null);
  const resize = (wanted: number) => desk.edit((draft) => resizeBlock(findBlock(draft, slide.id, block.id), wanted));
  /** How far the pointer is from the block’s own corner, in slide units. */
  const reach = (event: PointerEvent) => {
    const at = placeOnSlide(event, slideBox);
    return at ? Math.max(40, Math.hypot(Math.max(0, at.x - box[0]), Math.max(0, at.y - box[1]))) : 1;
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowDown: -STEP, ArrowRight: STEP, ArrowUp: STEP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    resize(size + by);
  };
  const grown = dragged === null ? 1 : dragged / size;
  return (
    <>
      {dragged !== null && (
        <span
          className="pointer-events-none absolute z-20 border-2 border-dashed border-action"
          style={{ ...at(box[0], box[1]), width: `${(box[2] * grown) / 16}%`, height: `${(box[3] * grown) / 9}%` }}
        />
      )}
      <div
        role="slider"
        tabIndex={0}
        aria-label={`Size of the ${label}`}
        aria-valuemin={SMALLEST_BLOCK * 100}
        aria-valuemax={LARGEST_BLOCK * 100}
        aria-valuenow={Math.round((dragged ?? size) * 100)}
        aria-valuetext={`${Math.round((dragged ?? size) * 100)} %`}
        title="Size: drag, or arrow keys"
        onKeyDown={press}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          start.current = { size, reach: reach(event) };
        }}
        onPointerMove={(event) => {
          if (!start.current) return;
          const wanted = (start.current.size * reach(event)) / start.current.reach;
          setDragged(Math.min(LARGEST_BLOCK, Math.max(SMALLEST_BLOCK, wanted)));
        }}
        onPointerUp={() => {
          if (dragged !== null) resize(dragged);
          start.current = null;
          setDragged(null);
        }}
        onPointerCancel={() => {
          start.current = null;
          setDragged(null);
        }}
        className={`${LOOK} -translate-x-1/2 -translate-y-1/2 cursor-nwse-resize`}
        style={at(box[0] + box[2] * grown + AROUND, box[1] + box[3] * grown + AROUND)}
      >
        <span className="size-4 rounded-full border-2 border-white bg-action" />
      </div>
    </>
  );
}

function at(x: number, y: number) {
  return { left: `${x / 16}%`, top: `${y / 9}%` };
}
