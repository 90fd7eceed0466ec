import { useState } from 'react';
import { Link } from 'react-router';
import { clock } from '../../clock';
import { PARTS, type PartKind, partLabel } from '../../parts';
import { PartSign } from '../../stage/PartSign';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';
import { addAndFocus } from '../../ui/focus';
import { newId, useDesk } from '../lesson/desk';
import { addSlide, placeSlide } from '../lesson/slides';

/** Aims down the side, parts across: a gap is a hole in the page. */
export function AimGrid() {
  const desk = useDesk();
  const { document, edit } = desk;
  const seconds = (kind: PartKind) =>
    document.parts
      .filter((part) => part.kind === kind)
      .flatMap((part) => part.slides)
      .reduce((sum, slide) => sum + (desk.timing.slides[slide.id]?.spoken ?? 0), 0);
  return (
    <section aria-labelledby="aims" className="pt-8">
      <h2 id="aims" className="text-xl">
        By the end, students can
      </h2>
      <div className="mt-3 overflow-x-auto">
        <table className="w-full min-w-[74rem] table-fixed border-collapse">
          <colgroup>
            <col className="w-56" />
            {PARTS.map((part) => (
              <col key={part.kind} className="w-[7.6rem]" />
            ))}
          </colgroup>
          <thead>
            <tr>
              <td />
              {PARTS.map(({ kind, label }) => (
                <th
                  key={kind}
                  scope="col"
                  className={`part-${kind} border border-rule bg-(--tint) px-2 py-1.5 text-left text-small font-semibold text-(--strong)`}
                >
                  <span className="flex items-center gap-1">
                    <PartSign kind={kind} />
                    {label}
                  </span>
                  <span className="font-normal">{clock(seconds(kind))}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {document.aims.map((aim, index) => (
              <tr key={aim.id}>
                <th scope="row" className="border border-rule bg-sheet p-2 text-left align-top font-normal">
                  <TextArea
                    id={`aim-${aim.id}`}
                    label={`Aim ${index + 1}`}
                    maxLength={300}
                    hideLabel
                    value={aim.text}
                    onChange={(event) =>
                      edit((draft) => {
                        const found = draft.aims.find((each) => each.id === aim.id);
                        if (found) found.text = event.target.value;
                      })
                    }
                  />
                  <Button
                    look="quiet"
                    className="mt-1 px-1! text-small!"
                    onClick={() =>
                      edit((draft) => {
                        draft.aims = draft.aims.filter((each) => each.id !== aim.id);
                        for (const slide of draft.parts.flatMap((part) => part.slides))
                          slide.aims = slide.aims.filter((each) => each !== aim.id);
                      })
                    }
                  >
                    Take this aim away
                  </Button>
                </th>
                {PARTS.map(({ kind }) => (
                  <Crossing key={kind} kind={kind} aim={aim.id} aimText={aim.text} />
                ))}
              </tr>
            ))}
            <tr>
              <th scope="row" className="border border-rule bg-sheet p-2 text-left align-top font-normal text-quiet">
                Slides that serve no aim
              </th>
              {PARTS.map(({ kind }) => (
                <Crossing key={kind} kind={kind} aim={null} aimText="no aim" />
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      <Button
        look={document.aims.length === 0 ? 'main' : 'plain'}
        className="mt-4"
        onClick={() => {
          const id = newId('aim');
          addAndFocus(
            () =>
              edit((draft) => {
                draft.aims.push({ id, text: '' });
              }),
            () => window.document.getElementById(`aim-${id}`),
          );
        }}
        disabled={document.aims.length >= 12}
      >
        Add an aim
      </Button>
    </section>
  );
}

/** An aim should be explained, shown, practised and checked: there a hole is marked. */
const NEEDED: PartKind[] = ['explain', 'example', 'your-turn', 'exit-check'];

function Crossing({ kind, aim, aimText }: { kind: PartKind; aim: string | null; aimText: string }) {
  const desk = useDesk();
  const [isOver, setOver] = useState(false);
  const slides = desk.document.parts
    .filter((part) => part.kind === kind)
    .flatMap((part) => part.slides)
    .filter((slide) => (aim === null ? slide.aims.length === 0 : slide.aims.includes(aim)));
  const isHole = aim !== null && slides.length === 0 && NEEDED.includes(kind);
  const add = () => {
    let id = '';
    addAndFocus(
      () =>
        desk.edit((draft) => {
          id = addSlide(draft, kind, null, aim === null ? [] : [aim]);
        }),
      () => window.document.getElementById(`slide-${id}-${aim ?? 'none'}`),
    );
  };
  const drop = (id: string) =>
    desk.edit((draft) => {
      placeSlide(draft, id, kind, null);
      const slide = draft.parts.flatMap((part) => part.slides).find((each) => each.id === id);
      if (slide && aim !== null && !slide.aims.includes(aim)) slide.aims.push(aim);
    });
  return (
    <td
      className={`part-${kind} border border-rule p-1.5 align-top ${isOver ? 'bg-(--tint)' : 'bg-sheet'}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        setOver(false);
        drop(event.dataTransfer.getData('text/plain'));
      }}
    >
      {slides.map((slide) => (
        <Link
          key={slide.id}
          id={`slide-${slide.id}-${aim ?? 'none'}`}
          to={`../storyboard?slide=${slide.id}`}
          draggable
          onDragStart={(event) => event.dataTransfer.setData('text/plain', slide.id)}
          className="mb-1 block rounded-sm border-l-4 border-(--strong) bg-(--tint) px-2 py-1 text-small break-words hover:underline"
        >
          {slide.title || 'Slide without a title'}
        </Link>
      ))}
      <button
        type="button"
        onClick={add}
        aria-label={`${isHole ? 'nothing yet +: add' : 'Add'} a slide to ${partLabel(kind)} for ${aimText || 'this aim'}`}
        className={`block min-h-8 w-full rounded-sm border border-dashed text-small ${isHole ? 'border-recording text-recording' : 'border-transparent text-quiet hover:border-rule focus-visible:border-rule'}`}
      >
        {isHole ? 'nothing yet +' : '+'}
      </button>
    </td>
  );
}
