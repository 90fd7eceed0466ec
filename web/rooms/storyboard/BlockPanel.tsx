import type { SlideScene } from '../../answers.types';
import type { BlockForm, BlockKind } from '../../blocks/BlockForm';
import { FORMS } from '../../blocks/registry';
import type { Block, Slide } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { findBlock, findSlide, newId, useDesk } from '../lesson/desk';
import { BlockTrouble } from './BlockTrouble';
import { Panel } from './Panel';
import { Source } from './Source';
import { useKindLabel } from './useKindLabel';

interface BlockPanelProps {
  slide: Slide;
  block: Block;
  scene: SlideScene;
  onClose: () => void;
}

/** What of a block cannot be said on the slide itself. */
export function BlockPanel({ slide, block, scene, onClose }: BlockPanelProps) {
  const label = useKindLabel()(block.kind);
  const pieces = scene.pieces[block.id] ?? [];
  return (
    <Panel title={label} onClose={onClose}>
      <div className="col-span-2 empty:hidden">
        <BlockTrouble slide={slide.id} block={block.id} scene={scene} />
      </div>
      <div className="col-span-2 flex flex-col gap-3 empty:hidden">
        <Source slide={slide} block={block} />
        <Form slide={slide} block={block} facts={scene.facts} />
      </div>
      {pieces.length > 0 && <Reveals slide={slide} block={block} pieces={pieces} />}
    </Panel>
  );
}

function Form({ slide, block, facts }: { slide: Slide; block: Block; facts: Record<string, string> }) {
  const desk = useDesk();
  const Chosen = FORMS[block.kind] as BlockForm<BlockKind> | undefined;
  if (!Chosen) return null;
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

interface RevealsProps {
  slide: Slide;
  block: Block;
  pieces: SlideScene['pieces'][string];
}

/** When the pieces of a block appear, and the offer to tell it in steps. */
function Reveals({ slide, block, pieces }: RevealsProps) {
  const desk = useDesk();
  const steps = slide.steps.map((step, index) => ({ value: step.id, label: `step ${index + 1}` }));
  return (
    <fieldset className="col-span-2 grid grid-cols-3 gap-3">
      <legend className="sr-only">When its pieces appear</legend>
      <div className="col-span-3 empty:hidden">
        <TellInSteps slide={slide} block={block} pieces={pieces} />
      </div>
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
    </fieldset>
  );
}

/** Offers what appears together with the block as steps of their own, each with a first line of script. */
function TellInSteps({ slide, block, pieces }: RevealsProps) {
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

function sentenceCase(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
