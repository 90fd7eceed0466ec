import type { SlideScene } from '../../answers.types';
import { FORMS } from '../../blocks/registry';
import type { Block, Slide } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Sign } from '../../ui/Sign';
import { findBlock, findSlide, useDesk } from '../lesson/desk';
import { alignBlock, removeBlock } from './blocks';
import { useKindLabel } from './useKindLabel';

const ALIGNS: { value: NonNullable<Block['align']>; label: string; sign: string }[] = [
  { value: 'left', label: 'To the left', sign: 'M4 6h16M4 12h9M4 18h13' },
  { value: 'middle', label: 'In the middle', sign: 'M4 6h16M7.500 12h9M5.500 18h13' },
  { value: 'right', label: 'To the right', sign: 'M4 6h16M11 12h9M7 18h13' },
];

interface ChosenBlockProps {
  slide: Slide;
  block: Block;
  scene: SlideScene;
  onDetails: () => void;
  onRemoved: () => void;
}

/** One row under the slide: when the chosen block appears, how it stands, and its way off the slide. */
export function ChosenBlock({ slide, block, scene, onDetails, onRemoved }: ChosenBlockProps) {
  const desk = useDesk();
  const label = useKindLabel()(block.kind);
  const change = (work: (draft: Block) => void) => desk.edit((draft) => work(findBlock(draft, slide.id, block.id)));
  const hasDetails = FORMS[block.kind] !== undefined || (scene.pieces[block.id] ?? []).length > 0;
  return (
    <section
      aria-label={`The chosen block: ${label}`}
      className="mt-2 flex flex-wrap items-center gap-2 rounded-md border border-rule bg-sheet px-3 py-1.5"
    >
      <strong className="font-semibold">{label}</strong>
      <span className="text-quiet">appears at</span>
      <Choice
        label="Appears at"
        hideLabel
        value={block.step}
        choices={slide.steps.map((step, index) => ({ value: step.id, label: `step ${index + 1}` }))}
        onChoose={(step) =>
          change((draft) => {
            draft.step = step;
          })
        }
      />
      <fieldset className="flex">
        <legend className="sr-only">Align</legend>
        {ALIGNS.map((align) => (
          <button
            key={align.value}
            type="button"
            aria-label={align.label}
            title={align.label}
            aria-pressed={block.align === align.value}
            onClick={() => change((draft) => alignBlock(draft, align.value))}
            className="flex size-10 items-center justify-center rounded text-quiet hover:text-action aria-pressed:bg-action-chosen aria-pressed:text-action"
          >
            <Sign path={align.sign} />
          </button>
        ))}
      </fieldset>
      {(block.size !== undefined || block.align !== undefined) && (
        <Button
          look="quiet"
          className="px-2!"
          onClick={() =>
            change((draft) => {
              delete draft.size;
              delete draft.align;
            })
          }
        >
          As it fits best
        </Button>
      )}
      <span className="ml-auto flex gap-1">
        {hasDetails && <Button onClick={onDetails}>Details</Button>}
        <Button
          look="danger"
          onClick={() => {
            onRemoved();
            desk.edit((draft) => removeBlock(findSlide(draft, slide.id), block.id));
          }}
        >
          Take it off
        </Button>
      </span>
    </section>
  );
}
