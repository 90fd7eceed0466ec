import { useState } from 'react';
import { Link } from 'react-router';
import { clock } from '../../clock';
import type { LessonDocument } from '../../lesson.types';
import { PARTS, type PartKind, partLabel } from '../../parts';
import { PartSign } from '../../stage/PartSign';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { newId, useDesk } from '../lesson/desk';
import { addSlide, placeSlide } from '../lesson/slides';
import { Lines, NumberField, TitleField } from './fields';

/** One sheet of paper: what the lesson is for, and which slide serves which aim. */
export function Plan() {
  const desk = useDesk();
  const { document, edit } = desk;
  const measured = desk.measuredPace === null ? null : Math.min(240, Math.max(60, desk.measuredPace));
  const set = <Key extends keyof LessonDocument>(key: Key, value: LessonDocument[Key]) =>
    edit((draft) => {
      draft[key] = value;
    });
  return (
    <main className="mx-auto w-full max-w-[84rem] px-6 py-6">
      <section
        aria-label="The lesson"
        className="grid grid-cols-2 gap-x-6 gap-y-4 lg:grid-cols-[2fr_1fr_1fr_6rem_8rem]"
      >
        <TitleField value={document.title} onChange={(title) => set('title', title)} />
        <TextField
          label="Subject"
          value={document.subject ?? ''}
          maxLength={100}
          onChange={(event) => set('subject', event.target.value)}
        />
        <TextField
          label="Class"
          value={document.className ?? ''}
          maxLength={100}
          onChange={(event) => set('className', event.target.value)}
        />
        <NumberField
          label="Minutes"
          value={document.minutes}
          least={1}
          most={90}
          step={0.5}
          onChange={(value) => set('minutes', value)}
        />
        <NumberField
          label="Words a minute"
          value={document.pace ?? 130}
          least={60}
          most={240}
          step={1}
          onChange={(value) => set('pace', value)}
        />
        {measured !== null && measured !== document.pace && (
          <p className="col-span-full -mt-2 flex flex-wrap items-center justify-end gap-x-2 text-[15px] text-quiet">
            In your recordings you speak {measured} words a minute.
            <Button look="quiet" className="px-2! text-[15px]!" onClick={() => set('pace', measured)}>
              Plan with {measured}
            </Button>
          </p>
        )}
      </section>
      <AimGrid />
      <Around />
    </main>
  );
}

/** What stands around the lesson: when it is, what to have ready, what comes before and after. */
function Around() {
  const { document, edit } = useDesk();
  const set = <Key extends keyof LessonDocument>(key: Key, value: LessonDocument[Key]) =>
    edit((draft) => {
      draft[key] = value;
    });
  return (
    <section aria-labelledby="around" className="pt-10">
      <h2 id="around" className="mb-4 text-xl">
        Around the lesson
      </h2>
      <div className="grid grid-cols-2 gap-x-6 gap-y-4 lg:grid-cols-5">
        <TextField
          label="Date"
          type="date"
          value={document.date ?? ''}
          onChange={(event) => set('date', event.target.value)}
        />
        <TextField
          label="Book pages"
          value={document.pages ?? ''}
          onChange={(event) => set('pages', event.target.value)}
        />
        <TextField
          label="Watch or read first"
          value={document.before ?? ''}
          onChange={(event) => set('before', event.target.value)}
        />
        <TextField
          label="What comes next"
          value={document.next ?? ''}
          onChange={(event) => set('next', event.target.value)}
        />
        <Choice
          label="Letters on the slides"
          value={document.typeface ?? 'lexend'}
          choices={[
            { value: 'lexend', label: 'Clear' },
            { value: 'andika', label: 'For early reading: a and g as they are written' },
          ]}
          onChoose={(typeface) => set('typeface', typeface as LessonDocument['typeface'])}
          className="max-w-full"
        />
        <div className="col-span-2 lg:col-span-3">
          <Lines
            label="Materials to have ready, one a line"
            values={document.materials ?? []}
            onChange={(values) => set('materials', values)}
          />
        </div>
        <div className="col-span-2">
          <Lines
            label="Key words, one a line"
            values={document.keyWords ?? []}
            onChange={(values) => set('keyWords', values)}
          />
        </div>
      </div>
    </section>
  );
}

/** Aims down the side, parts across: a gap is a hole in the page. */
function AimGrid() {
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
                  className={`part-${kind} border border-rule bg-(--tint) px-2 py-1.5 text-left text-[15px] font-semibold text-(--strong)`}
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
                    label={`Aim ${index + 1}`}
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
                    className="mt-1 px-1! text-[15px]!"
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
        onClick={() =>
          edit((draft) => {
            draft.aims.push({ id: newId('aim'), text: '' });
          })
        }
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
  const add = () =>
    desk.edit((draft) => {
      addSlide(draft, kind, null, aim === null ? [] : [aim]);
    });
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
          to={`../storyboard?slide=${slide.id}`}
          draggable
          onDragStart={(event) => event.dataTransfer.setData('text/plain', slide.id)}
          className="mb-1 block rounded-sm border-l-4 border-(--strong) bg-(--tint) px-2 py-1 text-[15px] break-words hover:underline"
        >
          {slide.title || 'Slide without a title'}
        </Link>
      ))}
      <button
        type="button"
        onClick={add}
        aria-label={`${isHole ? 'nothing yet +: add' : 'Add'} a slide to ${partLabel(kind)} for ${aimText || 'this aim'}`}
        className={`block min-h-8 w-full rounded-sm border border-dashed text-[15px] ${isHole ? 'border-recording text-recording' : 'border-transparent text-quiet hover:border-rule focus-visible:border-rule'}`}
      >
        {isHole ? 'nothing yet +' : '+'}
      </button>
    </td>
  );
}
