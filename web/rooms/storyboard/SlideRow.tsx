import { type DragEvent, type Ref, useEffect, useRef, useState } from 'react';
import type { Finding } from '../../answers.types';
import { bringInPicture } from '../../blocks/picture/PictureChoice';
import { clock } from '../../clock';
import type { Slide } from '../../lesson.types';
import { type PartKind, partLabel } from '../../parts';
import { sentence } from '../../request';
import { PartSign } from '../../stage/PartSign';
import { Stage } from '../../stage/Stage';
import { Notice } from '../../ui/Notice';
import { findSlide, newId, useDesk } from '../lesson/desk';
import { Refused } from '../lesson/Refused';
import { BlockSpot } from './BlockSpot';
import { Divider } from './Divider';
import { SlideTools } from './SlideTools';
import { Steps } from './Steps';

interface SlideRowProps {
  slide: Slide;
  part: PartKind;
  isCurrent: boolean;
  findings: Finding[];
  focus: { block: string | null; step: string | null } | null;
  onChoose: () => void;
  ref: Ref<HTMLElement>;
}

/** One slide: its picture at the chosen step, the time in the gutter, its steps with their script. */
export function SlideRow({ slide, part, isCurrent, findings, focus, onChoose, ref }: SlideRowProps) {
  const desk = useDesk();
  const [step, setStep] = useState(slide.steps.length - 1);
  const [open, setOpen] = useState<string | null>(null);
  const [trouble, setTrouble] = useState('');
  const slideBox = useRef<HTMLDivElement>(null);
  const scene = desk.scenes[slide.id];
  const timing = desk.timing.slides[slide.id];
  const shown = Math.min(step, slide.steps.length - 1);

  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the place is asked for
  useEffect(() => {
    if (!focus) return;
    if (focus.block) setOpen(focus.block);
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
      const block = newId('block');
      desk.edit((draft) => {
        draft.media[id] = medium;
        const target = findSlide(draft, slide.id);
        target.blocks.push({
          id: block,
          kind: 'picture',
          region: regionFor(target),
          step: target.steps[shown]?.id ?? '',
          reveals: {},
          content: { medium: id, caption: '' },
        });
      });
      setOpen(block);
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  useEffect(() => {
    if (!isCurrent) return;
    const paste = (event: ClipboardEvent) => {
      const file = event.clipboardData?.files[0];
      if (!file || (event.target instanceof HTMLElement && event.target.closest('input, textarea'))) return;
      event.preventDefault();
      void takePicture(file);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  });

  const drop = (event: DragEvent) => {
    if (event.dataTransfer.files.length === 0) return;
    event.preventDefault();
    void takePicture(event.dataTransfer.files[0]);
  };

  return (
    <section
      ref={ref}
      aria-label={`${partLabel(part)}: ${slide.title || 'slide without a title'}`}
      className={`part-${part} grid scroll-mt-34 grid-cols-[minmax(0,1fr)_3.5rem_minmax(0,0.78fr)] border-t border-rule py-5`}
      onFocusCapture={onChoose}
      onPointerDownCapture={onChoose}
    >
      <div className="sticky top-34 self-start">
        <div className="mb-2 flex items-center gap-2">
          <span className="flex shrink-0 items-center gap-1 rounded-sm bg-(--tint) px-2 py-1 text-small text-(--strong)">
            <PartSign kind={part} />
            {slide.side ? `${partLabel(part)}: side slide` : partLabel(part)}
          </span>
          <input
            aria-label="Title of the slide"
            value={slide.title}
            placeholder="Title of the slide"
            maxLength={200}
            onChange={(event) =>
              desk.edit((draft) => {
                findSlide(draft, slide.id).title = event.target.value;
              })
            }
            className="min-h-10 min-w-0 grow rounded border border-transparent bg-transparent px-2 text-lg font-semibold hover:border-rule focus:border-action"
          />
        </div>
        {/* biome-ignore lint/a11y/noStaticElementInteractions: dropping a file has a keyboard way in the picture form */}
        <div
          ref={slideBox}
          className={`rounded border ${isCurrent ? 'border-(--strong)' : 'border-rule'}`}
          onDragOver={(event) => event.preventDefault()}
          onDrop={drop}
        >
          {scene ? (
            <Stage
              svg={scene.svg}
              steps={slide.steps.map((each) => each.id)}
              step={shown}
              label={slide.title || 'Slide'}
            >
              {slide.blocks.map((block) => (
                <BlockSpot
                  key={block.id}
                  slide={slide}
                  block={block}
                  scene={scene}
                  slideBox={slideBox}
                  open={open === block.id}
                  onOpen={(next) => setOpen(next ? block.id : null)}
                  isSeen={slide.steps.findIndex((each) => each.id === block.step) <= shown}
                />
              ))}
              {isCurrent && <Divider slide={slide} scene={scene} slideBox={slideBox} />}
            </Stage>
          ) : (
            <div className="aspect-video bg-sheet" />
          )}
        </div>
        <div className="min-h-12">
          {isCurrent && <SlideTools slide={slide} part={part} step={shown} slideBox={slideBox} onAdded={setOpen} />}
        </div>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <Refused slide={slide.id} />
        {slide.blocks.map((block) => (
          <Refused key={block.id} slide={slide.id} block={block.id} />
        ))}
        {findings
          .filter((finding) => finding.step === null)
          .map((finding, index) => (
            <button
              key={index}
              type="button"
              disabled={finding.block === null}
              onClick={() => setOpen(finding.block)}
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

export function regionFor(slide: Slide): 'main' | 'left' | 'top' {
  if (slide.arrangement === 'stacked') return 'top';
  return slide.arrangement === 'whole' || slide.arrangement === 'opening' ? 'main' : 'left';
}
