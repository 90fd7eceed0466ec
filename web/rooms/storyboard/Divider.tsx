import { type KeyboardEvent, type PointerEvent, type RefObject, useState } from 'react';
import type { SlideScene } from '../../answers.types';
import type { Slide } from '../../lesson.types';
import { columnsOf, dividerAt, insistOn, LEAST_SHARE, MOST_SHARE, shareAt } from '../lesson/composition';
import { findSlide, useDesk } from '../lesson/desk';

interface DividerProps {
  slide: Slide;
  scene: SlideScene;
  slideBox: RefObject<HTMLElement | null>;
}

/** Hundredths of the width that an arrow key moves it. */
const STEP = 0.02;

/** Between two columns: dragged, or moved with the arrow keys, it makes the one wider and the other narrower. */
export function Divider({ slide, scene, slideBox }: DividerProps) {
  const desk = useDesk();
  const [dragged, setDragged] = useState<number | null>(null);
  const columns = columnsOf(slide, scene);
  if (!columns) return null;
  const share = dragged ?? slide.share ?? columns.share;

  const wish = (wanted: number) => {
    const next = Math.round(100 * Math.min(MOST_SHARE, Math.max(LEAST_SHARE, wanted))) / 100;
    if (next !== share || dragged !== null) desk.edit((draft) => insistOn(findSlide(draft, slide.id), columns, next));
  };
  const shareUnder = (event: PointerEvent) => {
    const box = slideBox.current?.getBoundingClientRect();
    return box ? shareAt((100 * (event.clientX - box.left)) / box.width) : share;
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    wish(share + by);
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a rule between two columns that can be moved
    <div
      role="separator"
      tabIndex={0}
      aria-label="Divider between the columns"
      aria-orientation="vertical"
      aria-valuemin={LEAST_SHARE * 100}
      aria-valuemax={MOST_SHARE * 100}
      aria-valuenow={Math.round(share * 100)}
      onKeyDown={press}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setDragged(share);
      }}
      onPointerMove={(event) => dragged !== null && setDragged(shareUnder(event))}
      onPointerUp={(event) => {
        wish(shareUnder(event));
        setDragged(null);
      }}
      onPointerCancel={() => setDragged(null)}
      className="group absolute inset-y-[22%] w-6 -translate-x-1/2 cursor-col-resize touch-none"
      style={{ left: `${dividerAt(share)}%` }}
    >
      <span
        className={`absolute inset-y-0 left-1/2 w-1 -translate-x-1/2 rounded-full bg-(--strong) ${dragged === null ? 'opacity-25 group-hover:opacity-80 group-focus-visible:opacity-80' : 'opacity-100'}`}
      />
    </div>
  );
}
