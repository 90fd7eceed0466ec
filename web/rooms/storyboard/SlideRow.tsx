import { type DragEvent, type Ref, useEffect, useRef, useState } from 'react';
import type { Finding, SlideScene } from '../../answers.types';
import { bringInPicture } from '../../blocks/picture/PictureSearch';
import { clock } from '../../clock';
import type { Block, Slide } from '../../lesson.types';
import { type PartKind, partLabel } from '../../parts';
import { sentence } from '../../request';
import { PartSign } from '../../stage/PartSign';
import { Stage } from '../../stage/Stage';
import { Notice } from '../../ui/Notice';
import { findSlide, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { Refused } from '../lesson/Refused';
import { ArrangePanel } from './ArrangePanel';
import { BlockKinds } from './BlockKinds';
import { BlockPanel } from './BlockPanel';
import { BlockSpot, spotId } from './BlockSpot';
import { BlockTrouble } from './BlockTrouble';
import { addBlock, type Kind } from './blocks';
import { ChosenBlock } from './ChosenBlock';
import { Divider } from './Divider';
import type { Drop } from './drop';
import { Handles } from './Handles';
import { PointHandles } from './PointHandles';
import { SlideTools } from './SlideTools';
import { Steps } from './Steps';
import { NOT_PAINTED } from './writing/fields';
import { focusField, SlideWriting } from './writing/SlideWriting';

interface SlideRowProps {
  slide: Slide;
  part: PartKind;
  isCurrent: boolean;
  findings: Finding[];
  focus: { block: string | null; step: string | null } | null;
  onChoose: () => void;
  onNewSlide: () => void;
  ref: Ref<HTMLElement>;
}

/** One slide: its picture at the chosen step, the time in the gutter, its steps with their script. */
export function SlideRow({ slide, part, isCurrent, findings, focus, onChoose, onNewSlide, ref }: SlideRowProps) {
  const desk = useDesk();
  const kinds = useKinds();
  const [step, setStep] = useState(slide.steps.length - 1);
  const [chosen, setChosen] = useState<string | null>(null);
  const [panel, setPanel] = useState<'block' | 'arrange' | null>(null);
  const [drop, setDrop] = useState<Drop | null>(null);
  const [trouble, setTrouble] = useState('');
  const seenSide = useRef<HTMLDivElement>(null);
  /** While a pointer is down nothing moves from under it. */
  const isPressed = useRef(false);
  const slideBox = useRef<HTMLDivElement>(null);
  const scene = desk.scenes[slide.id] ?? NOT_PAINTED;
  const timing = desk.timing.slides[slide.id];
  const shown = Math.min(step, slide.steps.length - 1);

  const kindOf = (block: Block) => kinds.data?.blocks.find((each) => each.name === block.kind);
  /** A block that is written has the cursor in it; of others the form is opened. */
  const showBlock = (id: string | null) => {
    setChosen(id);
    const block = slide.blocks.find((each) => each.id === id);
    const first = block && kindOf(block)?.fields[0]?.path;
    if (block && first) focusField(slide.id, block.id, first);
    else if (block) setPanel('block');
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the place is asked for
  useEffect(() => {
    if (!focus) return;
    if (focus.block) showBlock(focus.block);
    const number = slide.steps.findIndex((each) => each.id === focus.step);
    if (number >= 0) {
      setStep(number);
      document.getElementById(`script-${focus.step}`)?.focus();
    }
  }, [focus]);

  const takePicture = async (file: File | undefined) => {
    if (!file) return;
    try {
      const { id, medium } = await bringInPicture(file);
      let block: string | null = null;
      desk.edit((draft) => {
        draft.media[id] = medium;
        const target = findSlide(draft, slide.id);
        const kind = kinds.data?.blocks.find((each) => each.name === 'picture');
        if (kind) block = addBlock(target, kind, shown, { medium: id, caption: '' });
      });
      showBlock(block);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  useEffect(() => {
    if (!isCurrent) return;
    const paste = (event: ClipboardEvent) => {
      const file = event.clipboardData?.files[0];
      const at = event.target instanceof HTMLElement ? event.target.closest('input, textarea') : null;
      // A picture that is pasted while a text of the slide is typed stands beside it.
      if (!file || (at && !slideBox.current?.contains(at))) return;
      event.preventDefault();
      void takePicture(file);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  });

  const dropFile = (event: DragEvent) => {
    if (event.dataTransfer.files.length === 0) return;
    event.preventDefault();
    void takePicture(event.dataTransfer.files[0]);
  };

  const chosenBlock = slide.blocks.find((block) => block.id === chosen);
  const added = (id: string, kind: Kind) => {
    setChosen(id);
    const first = kind.fields[0]?.path;
    if (first) focusField(slide.id, id, first);
    else setPanel('block');
  };
  /** What can be done with the slide stands under it: all of it is to be seen, once the press has done its work. */
  const bringIntoView = () => seenSide.current?.scrollIntoView({ block: 'nearest' });
  useEffect(() => {
    const released = () => {
      if (!isPressed.current) return;
      isPressed.current = false;
      // The click that follows still finds everything where it was pressed.
      requestAnimationFrame(bringIntoView);
    };
    window.addEventListener('pointerup', released);
    return () => window.removeEventListener('pointerup', released);
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: with each of these, something else stands under the slide
  useEffect(() => {
    if (isCurrent && !isPressed.current) bringIntoView();
  }, [isCurrent, chosen, panel]);
  const closePanel = () => {
    setPanel(null);
    if (chosen) document.getElementById(spotId(chosen))?.focus();
  };

  return (
    <section
      ref={ref}
      aria-label={`${partLabel(part)}: ${slide.title || 'slide without a title'}`}
      className={`part-${part} grid scroll-mt-34 ${COLUMNS} border-t border-rule py-4`}
      onFocusCapture={onChoose}
      onPointerDownCapture={() => {
        isPressed.current = true;
        onChoose();
      }}
    >
      <div
        ref={seenSide}
        className="sticky top-34 flex max-h-[calc(100vh-8.5rem)] scroll-mt-34 flex-col self-start *:shrink-0"
      >
        <div className="mb-1 flex min-h-10 items-center gap-2">
          <span className="flex shrink-0 items-center gap-1 rounded-sm bg-(--tint) px-2 py-1 text-small text-(--strong)">
            <PartSign kind={part} />
            {slide.side ? `${partLabel(part)}: side slide` : partLabel(part)}
          </span>
          {isCurrent && <SlideTools slide={slide} onArrange={() => setPanel('arrange')} />}
        </div>
        {/* biome-ignore lint/a11y/noStaticElementInteractions: dropping a file has a keyboard way in the picture form */}
        <div
          ref={slideBox}
          className={`rounded border ${isCurrent ? 'border-(--strong)' : 'border-rule'}`}
          onDragOver={(event) => event.preventDefault()}
          onDrop={dropFile}
        >
          <Stage
            svg={scene.svg}
            steps={slide.steps.map((each) => each.id)}
            step={shown}
            label={slide.title || 'Slide'}
            className="@container"
          >
            {slide.blocks.map((block) => (
              <BlockSpot
                key={block.id}
                slide={slide}
                block={block}
                scene={scene}
                slideBox={slideBox}
                isChosen={isCurrent && chosen === block.id}
                isForm={kindOf(block)?.fields.length === 0}
                isSeen={slide.steps.findIndex((each) => each.id === block.step) <= shown}
                onChoose={() => showBlock(block.id)}
                onDrop={setDrop}
              />
            ))}
            <SlideWriting
              slide={slide}
              scene={scene}
              step={shown}
              isCurrent={isCurrent}
              chosen={chosen}
              slideBox={slideBox}
              onChoose={setChosen}
              onNewSlide={onNewSlide}
              onLeave={(block) => document.getElementById(spotId(block))?.focus()}
            />
            {isCurrent && <Divider slide={slide} scene={scene} slideBox={slideBox} />}
            {isCurrent && chosenBlock && (
              <Handles slide={slide} block={chosenBlock} scene={scene} slideBox={slideBox} onDrop={setDrop} />
            )}
            {isCurrent && chosenBlock && (
              <PointHandles slide={slide} scene={scene} block={chosenBlock.id} slideBox={slideBox} />
            )}
            {drop && <DropMark drop={drop} scene={scene} />}
          </Stage>
        </div>
        {isCurrent && chosenBlock && panel === null && (
          <ChosenBlock
            slide={slide}
            block={chosenBlock}
            scene={scene}
            onDetails={() => setPanel('block')}
            onRemoved={() => setChosen(null)}
          />
        )}
        {isCurrent && panel === null && <BlockKinds slide={slide} step={shown} onAdded={added} />}
        {isCurrent && panel === 'block' && chosenBlock && (
          <BlockPanel key={chosenBlock.id} slide={slide} block={chosenBlock} scene={scene} onClose={closePanel} />
        )}
        {isCurrent && panel === 'arrange' && <ArrangePanel slide={slide} part={part} onClose={closePanel} />}
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <Refused slide={slide.id} />
        {slide.blocks
          .filter((block) => panel !== 'block' || block.id !== chosen)
          .map((block) => (
            <BlockTrouble key={block.id} slide={slide.id} block={block.id} scene={scene} />
          ))}
        {findings
          .filter((finding) => finding.step === null)
          .map((finding, index) => (
            <button
              key={index}
              type="button"
              disabled={finding.block === null}
              onClick={() => showBlock(finding.block)}
              className="mt-2 block w-full border-l-4 border-caution-edge bg-caution-ground px-3 py-2 text-left"
            >
              {finding.sentence}
            </button>
          ))}
      </div>
      <div className="flex flex-col items-center border-rule px-1 text-small text-quiet">
        <span className="rounded-sm bg-(--tint) px-1.5 text-(--strong)">{clock(timing?.spoken ?? 0)}</span>
        <span className="mt-1 w-px grow bg-rule" aria-hidden="true" />
        {(timing?.work ?? 0) > 0 && (
          <span className="text-center">
            + {clock(timing?.work ?? 0)}
            <br />
            to try
          </span>
        )}
      </div>
      <Steps slide={slide} shown={shown} onShow={setStep} findings={findings} />
    </section>
  );
}

/** The slide takes three fifths; beside it, the script is never covered. */
export const COLUMNS = 'grid-cols-[minmax(0,3fr)_3.5rem_minmax(0,2fr)]';

/** Where a block that is dragged would stand. */
function DropMark({ drop, scene }: { drop: Drop; scene: SlideScene }) {
  const [x, y, width, height] = scene.boxes[drop.target] ?? [0, 0, 0, 0];
  const isUpright = drop.side === 'left' || drop.side === 'right';
  const left = drop.side === 'right' ? x + width : x;
  const top = drop.side === 'after' ? y + height : y;
  return (
    <span
      className={`pointer-events-none absolute z-20 rounded-full bg-action ${isUpright ? 'w-1 -translate-x-1/2' : 'h-1 -translate-y-1/2'}`}
      style={{
        left: `${left / 16}%`,
        top: `${top / 9}%`,
        [isUpright ? 'height' : 'width']: isUpright ? `${height / 9}%` : `${width / 16}%`,
      }}
    />
  );
}
