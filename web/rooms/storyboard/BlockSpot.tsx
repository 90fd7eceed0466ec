import { Popover } from 'radix-ui';
import type { RefObject } from 'react';
import type { SlideScene } from '../../answers.types';
import type { BlockForm, BlockKind } from '../../blocks/BlockForm';
import { FORMS } from '../../blocks/registry';
import type { Block, Slide } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { findBlock, findSlide, newId, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { Refused } from '../lesson/Refused';
import { regionFor } from './SlideRow';

const REGIONS: Record<Slide['arrangement'], { value: Block['region']; label: string }[]> = {
  whole: [{ value: 'main', label: 'the slide' }],
  opening: [{ value: 'main', label: 'the slide' }],
  halves: sides(),
  'wide-left': sides(),
  'wide-right': sides(),
  stacked: [
    { value: 'top', label: 'above' },
    { value: 'bottom', label: 'below' },
  ],
};

/** Of 1600 by 900: what a finger or a pointer still finds. */
const LEAST = 50;

function sides(): { value: Block['region']; label: string }[] {
  return [
    { value: 'left', label: 'on the left' },
    { value: 'right', label: 'on the right' },
  ];
}

interface BlockSpotProps {
  slide: Slide;
  block: Block;
  scene: SlideScene;
  open: boolean;
  isSeen: boolean;
  /** The slide on the page: the form opens beside it, so that every change can be watched. */
  slideBox: RefObject<HTMLElement | null>;
  onOpen: (open: boolean) => void;
}

/** The place of a block on the slide: touched, it opens the block's form right there. */
export function BlockSpot({ slide, block, scene, open, isSeen, slideBox, onOpen }: BlockSpotProps) {
  const kinds = useKinds();
  const label = kinds.data?.blocks.find((each) => each.name === block.kind)?.label ?? block.kind;
  const box = scene.boxes[block.id];
  const trouble =
    scene.problems[block.id] ??
    (scene.overfull.includes(block.id)
      ? 'This does not fit on the slide. Shorten it, or move it to a slide of its own.'
      : undefined);
  const [x, y, width, height] = box ?? [90, 780, 700, 80];
  // A block with nothing in it yet has no height of its own, but is to be seen and touched.
  const isBare = box !== undefined && (box[2] < LEAST || box[3] < LEAST);
  // What is written on the spot begins its accessible name, so that it can be found by what is seen.
  const written = !box ? `${label}: not shown yet` : isBare ? `${label}: nothing in it yet` : null;
  const change = `Change ${label.toLowerCase()}`;
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Anchor virtualRef={slideBox as RefObject<HTMLElement>} />
      <Popover.Trigger asChild>
        <button
          type="button"
          aria-label={written ? `${written}. ${change}` : change}
          className={`absolute rounded-sm border-2 ${open ? 'border-action' : 'border-transparent hover:border-action/50'} ${box ? '' : 'border-dashed border-recording! bg-trouble-ground text-left text-small text-recording'} ${isBare ? 'border-dashed border-edge! bg-sheet text-left text-small text-quiet' : ''} ${box && !isSeen ? 'pointer-events-none' : ''}`}
          style={{
            left: `${x / 16}%`,
            top: `${y / 9}%`,
            width: `${Math.max(width, LEAST) / 16}%`,
            height: `${Math.max(height, LEAST) / 9}%`,
          }}
        >
          {written && <span className="px-2">{written}</span>}
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="right"
          align="start"
          sideOffset={8}
          collisionPadding={{ top: 140, right: 12, bottom: 12, left: 12 }}
          className="z-30 max-h-(--radix-popover-content-available-height) w-[26rem] overflow-y-auto rounded-md border border-edge bg-paper p-4 shadow-sm"
          aria-label={label}
        >
          <h3 className="mb-3 text-lg">{label}</h3>
          <div className="flex flex-col gap-3">
            {trouble && <Notice tone="trouble">{trouble}</Notice>}
            <Refused slide={slide.id} block={block.id} />
            <TellInSteps slide={slide} block={block} pieces={scene.pieces[block.id] ?? []} />
            <Form slide={slide} block={block} facts={scene.facts} />
            <Steps slide={slide} block={block} pieces={scene.pieces[block.id] ?? []} />
            <Where slide={slide} block={block} onClose={() => onOpen(false)} />
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Form({ slide, block, facts }: { slide: Slide; block: Block; facts: Record<string, string> }) {
  const desk = useDesk();
  const Chosen = FORMS[block.kind] as BlockForm<BlockKind>;
  return (
    <Chosen
      content={block.content as never}
      facts={facts}
      onChange={(content) =>
        desk.edit((draft) => {
          findBlock(draft, slide.id, block.id).content = content;
        })
      }
    />
  );
}

/** Offers what appears together with the block as steps of their own, each with a first line of script. */
function TellInSteps({ slide, block, pieces }: { slide: Slide; block: Block; pieces: SlideScene['pieces'][string] }) {
  const desk = useDesk();
  const tellInSteps = () =>
    desk.edit((draft) => {
      const target = findSlide(draft, slide.id);
      const found = findBlock(draft, slide.id, block.id);
      let at = target.steps.findIndex((step) => step.id === found.step);
      for (const piece of pieces) {
        const own = found.reveals[piece.name];
        if (own && own !== found.step) {
          at = Math.max(
            at,
            target.steps.findIndex((step) => step.id === own),
          );
          continue;
        }
        const step = { id: newId('step'), script: piece.script, pause: 0 };
        at += 1;
        target.steps.splice(at, 0, step);
        found.reveals[piece.name] = step.id;
      }
    });
  const together = pieces.filter((piece) => (block.reveals[piece.name] ?? block.step) === block.step);
  if (together.length === 0) return null;
  return (
    <Button onClick={tellInSteps}>
      {together.length === 1
        ? `Give ${together[0]?.label} a step of its own`
        : `Tell it in steps: ${together.length} more, each with a first line`}
    </Button>
  );
}

/** When the block and its pieces appear. */
function Steps({ slide, block, pieces }: { slide: Slide; block: Block; pieces: SlideScene['pieces'][string] }) {
  const desk = useDesk();
  const steps = slide.steps.map((step, index) => ({ value: step.id, label: `step ${index + 1}` }));
  return (
    <fieldset className="flex flex-col gap-2 border-t border-rule pt-3">
      <legend className="sr-only">When it appears</legend>
      <Choice
        label="Appears at"
        value={block.step}
        choices={steps}
        onChoose={(step) =>
          desk.edit((draft) => {
            findBlock(draft, slide.id, block.id).step = step;
          })
        }
      />
      {pieces.length > 0 && (
        <div className="grid grid-cols-2 gap-2">
          {pieces.map((piece) => (
            <Choice
              key={piece.name}
              label={`${sentenceCase(piece.label)} at`}
              value={block.reveals[piece.name] ?? block.step}
              choices={steps}
              onChoose={(step) =>
                desk.edit((draft) => {
                  findBlock(draft, slide.id, block.id).reveals[piece.name] = step;
                })
              }
            />
          ))}
        </div>
      )}
    </fieldset>
  );
}

function sentenceCase(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Where the block stands, and its way off the slide. */
function Where({ slide, block, onClose }: { slide: Slide; block: Block; onClose: () => void }) {
  const desk = useDesk();
  const regions = REGIONS[slide.arrangement];
  const index = slide.blocks.findIndex((each) => each.id === block.id);
  const move = (by: number) =>
    desk.edit((draft) => {
      const { blocks } = findSlide(draft, slide.id);
      const [moved] = blocks.splice(index, 1);
      if (moved) blocks.splice(index + by, 0, moved);
    });
  return (
    <div className="flex flex-wrap items-end gap-2 border-t border-rule pt-3">
      {regions.length > 1 && (
        <Choice
          label="Stands"
          value={regions.some((each) => each.value === block.region) ? block.region : regionFor(slide)}
          choices={regions}
          onChoose={(region) =>
            desk.edit((draft) => {
              findBlock(draft, slide.id, block.id).region = region as Block['region'];
            })
          }
        />
      )}
      <Button onClick={() => move(-1)} disabled={index === 0}>
        Up
      </Button>
      <Button onClick={() => move(1)} disabled={index === slide.blocks.length - 1}>
        Down
      </Button>
      <Button
        look="danger"
        className="ml-auto"
        onClick={() => {
          onClose();
          desk.edit((draft) => {
            const target = findSlide(draft, slide.id);
            target.blocks = target.blocks.filter((each) => each.id !== block.id);
          });
        }}
      >
        Take it off
      </Button>
    </div>
  );
}
