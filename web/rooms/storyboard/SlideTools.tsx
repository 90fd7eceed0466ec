import { Popover } from 'radix-ui';
import { type ComponentType, type RefObject, useRef, useState } from 'react';
import type { KindsAnswer } from '../../answers.types';
import type { ChooserProps } from '../../blocks/BlockForm';
import { CHOOSERS } from '../../blocks/registry';
import type { Block, Slide } from '../../lesson.types';
import { PARTS, type PartKind } from '../../parts';
import { Button } from '../../ui/Button';
import { Choice, Tick } from '../../ui/Field';
import { Menu, MenuEntry } from '../../ui/Menu';
import { findSlide, newId, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { deleteSlide, duplicateSlide, moveSlide, placeSlide } from '../lesson/slides';
import { regionFor } from './SlideRow';

const ARRANGEMENTS: { value: Slide['arrangement']; label: string }[] = [
  { value: 'whole', label: 'As it fits best' },
  { value: 'halves', label: 'Left and right' },
  { value: 'wide-left', label: 'Left and right, wide on the left' },
  { value: 'wide-right', label: 'Left and right, wide on the right' },
  { value: 'stacked', label: 'Above and below' },
  { value: 'opening', label: 'Opening, large title' },
];

interface SlideToolsProps {
  slide: Slide;
  part: PartKind;
  step: number;
  /** The slide on the page, which the forms keep clear of. */
  slideBox: RefObject<HTMLElement | null>;
  onAdded: (block: string) => void;
}

/** What can be done with a slide: put something on it, arrange it, move it, copy it, delete it. */
export function SlideTools({ slide, part, step, slideBox, onAdded }: SlideToolsProps) {
  const desk = useDesk();
  return (
    <div className="flex flex-wrap items-center gap-2 pt-2">
      <AddBlock slide={slide} step={step} onAdded={onAdded} />
      <Popover.Root>
        <Popover.Anchor virtualRef={slideBox as RefObject<HTMLElement>} />
        <Popover.Trigger asChild>
          <Button>Arrange</Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            side="right"
            align="end"
            sideOffset={8}
            collisionPadding={12}
            aria-label="Arrange the slide"
            className="z-30 flex w-80 flex-col gap-3 rounded-md border border-edge bg-paper p-4"
          >
            <Choice
              label="Arrangement"
              value={slide.arrangement}
              choices={ARRANGEMENTS}
              onChoose={(arrangement) =>
                desk.edit((draft) => {
                  const target = findSlide(draft, slide.id);
                  target.arrangement = arrangement as Slide['arrangement'];
                  delete target.share;
                })
              }
            />
            <Choice
              label="Part"
              value={part}
              choices={PARTS.map((each) => ({ value: each.kind, label: each.label }))}
              onChoose={(kind) => desk.edit((draft) => placeSlide(draft, slide.id, kind as PartKind, null))}
            />
            {desk.document.aims.length > 0 && (
              <fieldset>
                <legend className="text-small text-quiet">Serves these aims</legend>
                {desk.document.aims.map((aim) => (
                  <Tick
                    key={aim.id}
                    label={aim.text || 'An aim without words'}
                    checked={slide.aims.includes(aim.id)}
                    onChange={(checked) =>
                      desk.edit((draft) => {
                        const target = findSlide(draft, slide.id);
                        target.aims = checked
                          ? [...target.aims, aim.id]
                          : target.aims.filter((each) => each !== aim.id);
                      })
                    }
                  />
                ))}
              </fieldset>
            )}
            <Tick
              label="A side slide, reached only by a link"
              checked={slide.side}
              onChange={(side) =>
                desk.edit((draft) => {
                  findSlide(draft, slide.id).side = side;
                })
              }
            />
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      <Button look="quiet" className="px-2!" onClick={() => desk.edit((draft) => moveSlide(draft, slide.id, -1))}>
        Earlier
      </Button>
      <Button look="quiet" className="px-2!" onClick={() => desk.edit((draft) => moveSlide(draft, slide.id, 1))}>
        Later
      </Button>
      <Button
        look="quiet"
        className="px-2!"
        onClick={() => {
          let copy = slide.id;
          desk.edit((draft) => {
            copy = duplicateSlide(draft, slide.id);
          });
          desk.chooseSlide(copy);
        }}
      >
        Copy
      </Button>
      <Button look="quiet" className="px-2!" onClick={() => desk.edit((draft) => deleteSlide(draft, slide.id))}>
        Delete
      </Button>
    </div>
  );
}

type Kind = KindsAnswer['blocks'][number];

function AddBlock({ slide, step, onAdded }: { slide: Slide; step: number; onAdded: (block: string) => void }) {
  const desk = useDesk();
  const kinds = useKinds();
  const hasChosen = useRef(false);
  const [choosing, setChoosing] = useState<Kind | null>(null);
  const Chooser = choosing && (CHOOSERS[choosing.name] as ComponentType<ChooserProps<Block['kind']>> | undefined);
  const add = (kind: Kind, content: Block['content']) => {
    const id = newId('block');
    desk.edit((draft) => {
      const target = findSlide(draft, slide.id);
      const at = target.steps[step]?.id ?? target.steps[0]?.id ?? '';
      const block = {
        id,
        kind: kind.name,
        region: regionFor(target),
        step: at,
        reveals: {},
        content: structuredClone(content),
      } as Block;
      for (const piece of kind.later) {
        const later = { id: newId('step'), script: '', pause: 0 };
        target.steps.splice(step + 1, 0, later);
        block.reveals[piece] = later.id;
      }
      target.blocks.push(block);
    });
    setTimeout(() => onAdded(id), 0);
  };
  return (
    <>
      {Chooser && (
        <Chooser
          open
          onClose={() => setChoosing(null)}
          onChoose={(content) => {
            setChoosing(null);
            add(choosing, content);
          }}
        />
      )}
      <Menu
        columns={5}
        // The new block's form takes the focus; a menu that was only looked at gives it back.
        onCloseAutoFocus={(event) => {
          if (hasChosen.current) event.preventDefault();
          hasChosen.current = false;
        }}
        button={
          <Button look="main" disabled={!kinds.data}>
            Put on the slide
          </Button>
        }
      >
        {kinds.data?.blocks.map((kind) => (
          <MenuEntry
            key={kind.name}
            onSelect={() => {
              hasChosen.current = true;
              if (CHOOSERS[kind.name]) setChoosing(kind);
              else add(kind, kind.blank);
            }}
          >
            {kind.label}
          </MenuEntry>
        ))}
      </Menu>
    </>
  );
}
