import { Toolbar } from 'radix-ui';
import { type ComponentType, useState } from 'react';
import { flushSync } from 'react-dom';
import type { ChooserProps } from '../../blocks/BlockForm';
import { CHOOSERS, SIGNS } from '../../blocks/registry';
import type { Block, Slide } from '../../lesson.types';
import { Sign } from '../../ui/Sign';
import { findSlide, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { addBlock, type Kind } from './blocks';

interface BlockKindsProps {
  slide: Slide;
  step: number;
  onAdded: (block: string, kind: Kind) => void;
}

/** The kinds of block, each known by a sign and its word: pressed, it stands on the slide. */
export function BlockKinds({ slide, step, onAdded }: BlockKindsProps) {
  const desk = useDesk();
  const kinds = useKinds();
  const [choosing, setChoosing] = useState<Kind | null>(null);
  const Chooser = choosing && (CHOOSERS[choosing.name] as ComponentType<ChooserProps<Block['kind']>> | undefined);
  const add = (kind: Kind, content: Block['content']) => {
    let id = '';
    flushSync(() =>
      desk.edit((draft) => {
        id = addBlock(findSlide(draft, slide.id), kind, step, content);
      }),
    );
    onAdded(id, kind);
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
      <Toolbar.Root aria-label="Put on the slide" className="mt-2 grid grid-cols-4 gap-1 xl:grid-cols-[repeat(5,auto)]">
        {kinds.data?.blocks.map((kind) => (
          <Toolbar.Button
            key={kind.name}
            onClick={() => (CHOOSERS[kind.name] ? setChoosing(kind) : add(kind, kind.blank))}
            className="flex min-h-11 items-center gap-1 rounded border border-rule bg-sheet px-1.5 text-left text-small hover:border-action hover:text-action"
          >
            <span className="text-action">
              <Sign path={SIGNS[kind.name]} />
            </span>
            {kind.label}
          </Toolbar.Button>
        ))}
      </Toolbar.Root>
    </>
  );
}
