import { FoldedPicture } from '../../blocks/picture/FoldedPicture';
import type { Slide } from '../../lesson.types';
import { PARTS, type PartKind } from '../../parts';
import { Choice, Tick } from '../../ui/Field';
import { findSlide, useDesk } from '../lesson/desk';
import { placeSlide } from '../lesson/slides';
import { Panel } from './Panel';

const ARRANGEMENTS: { value: Slide['arrangement']; label: string }[] = [
  { value: 'whole', label: 'As it fits best' },
  { value: 'halves', label: 'Left and right' },
  { value: 'wide-left', label: 'Left and right, wide on the left' },
  { value: 'wide-right', label: 'Left and right, wide on the right' },
  { value: 'stacked', label: 'Above and below' },
  { value: 'filled', label: 'The picture fills the slide' },
  { value: 'opening', label: 'Opening, large title' },
];

/** How the blocks of a slide stand, where it belongs, and what it serves. */
export function ArrangePanel({ slide, part, onClose }: { slide: Slide; part: PartKind; onClose: () => void }) {
  const desk = useDesk();
  const change = (work: (draft: Slide) => void) => desk.edit((draft) => work(findSlide(draft, slide.id)));
  return (
    <Panel title="Arrange the slide" onClose={onClose}>
      <Choice
        label="Arrangement"
        value={slide.arrangement}
        choices={ARRANGEMENTS}
        onChoose={(arrangement) =>
          change((draft) => {
            draft.arrangement = arrangement as Slide['arrangement'];
            delete draft.share;
          })
        }
      />
      <Choice
        label="Part"
        value={part}
        choices={PARTS.map((each) => ({ value: each.kind, label: each.label }))}
        onChoose={(kind) => desk.edit((draft) => placeSlide(draft, slide.id, kind as PartKind, null))}
      />
      <div className="col-span-2">
        <FoldedPicture
          label="A drawing beside the title"
          medium={slide.drawing}
          onChoose={(drawing) =>
            change((draft) => {
              if (drawing) draft.drawing = drawing;
              else delete draft.drawing;
            })
          }
        />
      </div>
      {desk.document.aims.length > 0 && (
        <fieldset className="col-span-2">
          <legend className="text-small text-quiet">Serves these aims</legend>
          {desk.document.aims.map((aim) => (
            <Tick
              key={aim.id}
              label={aim.text || 'An aim without words'}
              checked={slide.aims.includes(aim.id)}
              onChange={(checked) =>
                change((draft) => {
                  draft.aims = checked ? [...draft.aims, aim.id] : draft.aims.filter((each) => each !== aim.id);
                })
              }
            />
          ))}
        </fieldset>
      )}
      <div className="col-span-2">
        <Tick
          label="A side slide, reached only by a link"
          checked={slide.side}
          onChange={(side) =>
            change((draft) => {
              draft.side = side;
            })
          }
        />
      </div>
    </Panel>
  );
}
