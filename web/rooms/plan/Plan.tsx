import type { LessonDocument } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { useDesk } from '../lesson/desk';
import { Refused } from '../lesson/Refused';
import { AimGrid } from './AimGrid';
import { Lines, NumberField, TitleField } from './fields';

/** What it is told in: the practice voice speaks them, and words are found in recordings of them. */
const LANGUAGES = [
  ['en', 'English'],
  ['cs', 'Czech'],
  ['da', 'Danish'],
  ['nl', 'Dutch'],
  ['fi', 'Finnish'],
  ['fr', 'French'],
  ['de', 'German'],
  ['el', 'Greek'],
  ['hu', 'Hungarian'],
  ['it', 'Italian'],
  ['nb', 'Norwegian'],
  ['pl', 'Polish'],
  ['pt', 'Portuguese'],
  ['ro', 'Romanian'],
  ['es', 'Spanish'],
  ['sv', 'Swedish'],
  ['tr', 'Turkish'],
  ['uk', 'Ukrainian'],
].map(([value = '', label = '']) => ({ value, label }));

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
        className="grid grid-cols-2 gap-x-6 gap-y-4 lg:grid-cols-[2fr_1fr_1fr_6rem_8rem_8rem]"
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
        <Choice
          label="Language"
          value={document.language ?? 'en'}
          choices={LANGUAGES}
          onChoose={(language) => set('language', language as NonNullable<typeof document.language>)}
        />
        {measured !== null && measured !== document.pace && (
          <p className="col-span-full -mt-2 flex flex-wrap items-center justify-end gap-x-2 text-small text-quiet">
            In your recordings you speak {measured} words a minute.
            <Button look="quiet" className="px-2! text-small!" onClick={() => set('pace', measured)}>
              Plan with {measured}
            </Button>
          </p>
        )}
      </section>
      {['title', 'subject', 'className', 'minutes', 'pace', 'language'].map((field) => (
        <Refused key={field} field={field} />
      ))}
      <AimGrid />
      <Refused field="aims" />
      <Around />
      {['date', 'pages', 'before', 'next', 'readingYear', 'materials', 'keyWords', 'formulas', 'handout'].map(
        (field) => (
          <Refused key={field} field={field} />
        ),
      )}
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
      <div className="grid grid-cols-2 gap-x-6 gap-y-4 lg:grid-cols-4">
        <TextField
          label="Date"
          type="date"
          value={document.date ?? ''}
          onChange={(event) => set('date', event.target.value)}
        />
        <div className="col-span-2">
          <TextField
            label="Book pages"
            value={document.pages ?? ''}
            maxLength={200}
            onChange={(event) => set('pages', event.target.value)}
          />
        </div>
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
        <div className="col-span-2">
          <TextField
            label="Watch or read first"
            value={document.before ?? ''}
            maxLength={300}
            onChange={(event) => set('before', event.target.value)}
          />
        </div>
        <div className="col-span-2">
          <TextField
            label="What comes next"
            value={document.next ?? ''}
            maxLength={300}
            onChange={(event) => set('next', event.target.value)}
          />
        </div>
        <div className="col-span-2">
          <Lines
            label="Materials to have ready, one a line"
            values={document.materials ?? []}
            most={40}
            longest={200}
            onChange={(values) => set('materials', values)}
          />
        </div>
        <div>
          <Lines
            label="Key words, one a line"
            values={document.keyWords ?? []}
            most={60}
            longest={80}
            onChange={(values) => set('keyWords', values)}
          />
        </div>
        <Choice
          label="The class reads like school year"
          value={document.readingYear ? String(document.readingYear) : ''}
          choices={[
            { value: '', label: 'not said: nothing is measured' },
            ...Array.from({ length: 13 }, (_, year) => ({ value: String(year + 1), label: String(year + 1) })),
          ]}
          onChoose={(year) => set('readingYear', year === '' ? null : Number(year))}
          className="max-w-full"
        />
      </div>
    </section>
  );
}
