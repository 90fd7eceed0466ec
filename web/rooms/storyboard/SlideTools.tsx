import { Popover } from 'radix-ui';
import { type RefObject, useRef, useState } from 'react';
import { FigureChooser } from '../../blocks/figure/FigureChooser';
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
  { value: 'whole', label: 'One area' },
  { value: 'halves', label: 'Two halves' },
  { value: 'wide-left', label: 'Wide on the left' },
  { value: 'wide-right', label: 'Wide on the right' },
  { value: 'stacked', label: 'Above and below' },
  { value: 'opening', label: 'Centred, large title' },
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
                  findSlide(draft, slide.id).arrangement = arrangement as Slide['arrangement'];
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

function AddBlock({ slide, step, onAdded }: { slide: Slide; step: number; onAdded: (block: string) => void }) {
  const desk = useDesk();
  const kinds = useKinds();
  const hasChosen = useRef(false);
  const [isChoosing, setChoosing] = useState(false);
  const chooseFigure = () => {
    hasChosen.current = true;
    setChoosing(true);
  };
  const add = (kind: Block['kind'], content: Block['content']) => {
    hasChosen.current = true;
    const id = newId('block');
    desk.edit((draft) => {
      const target = findSlide(draft, slide.id);
      const at = target.steps[step]?.id ?? target.steps[0]?.id ?? '';
      const block = {
        id,
        kind,
        region: regionFor(target),
        step: at,
        reveals: {},
        content: structuredClone(content),
      } as Block;
      // An answer never appears together with its question: it gets a step of its own.
      if (kind === 'question') {
        const answer = { id: newId('step'), script: '', pause: 0 };
        target.steps.splice(step + 1, 0, answer);
        block.reveals = { answer: answer.id };
      }
      target.blocks.push(block);
    });
    setTimeout(() => onAdded(id), 0);
  };
  return (
    <>
      <FigureChooser
        open={isChoosing}
        onClose={() => setChoosing(false)}
        onChoose={(figure) => {
          setChoosing(false);
          add('figure', { figure: figure.name, quantities: figure.blank });
        }}
      />
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
            onSelect={() => (kind.name === 'figure' ? chooseFigure() : add(kind.name, kind.blank))}
          >
            {kind.label}
          </MenuEntry>
        ))}
      </Menu>
    </>
  );
}
