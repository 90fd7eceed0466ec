import type { Block, Slide } from '../../lesson.types';
import { Choice } from '../../ui/Field';
import { findBlock, useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';

/** A figure that is drawn from a table can show the numbers of one that stands on the same slide. */
export function Source({ slide, block }: { slide: Slide; block: Block }) {
  const desk = useDesk();
  const kinds = useKinds().data?.blocks ?? [];
  const tables = slide.blocks.filter((each) => kinds.find((kind) => kind.name === each.kind)?.holdsTable);
  if (block.kind !== 'figure' || !('table' in block.content.quantities) || tables.length === 0) return null;
  return (
    <Choice
      label="Its numbers"
      value={block.source ?? ''}
      choices={[
        { value: '', label: 'its own, typed here' },
        ...tables.map((table, index) => ({
          value: table.id,
          label: tables.length === 1 ? 'those of the table on the slide' : `those of table ${index + 1} on the slide`,
        })),
      ]}
      onChoose={(source) =>
        desk.edit((draft) => {
          const found = findBlock(draft, slide.id, block.id);
          if (source) found.source = source;
          else delete found.source;
        })
      }
    />
  );
}
