import { QUESTION_KINDS } from '../../questions/forms';
import { Choice, TextArea, TextField, Tick } from '../../ui/Field';
import type { ContentOf, FormProps } from '../BlockForm';
import { Facts } from '../Facts';
import { Seconds, secondsFor } from '../Seconds';

export function QuestionForm({ content, onChange, facts }: FormProps<'question'>) {
  const set = (change: Partial<ContentOf<'question'>>) => onChange({ ...content, ...change });
  const KindForm = QUESTION_KINDS[content.type].form;
  return (
    <>
      <Choice
        label="Kind of question"
        value={content.type}
        choices={Object.entries(QUESTION_KINDS).map(([value, kind]) => ({ value, label: kind.label }))}
        onChoose={(type) => set(withType(content, type as ContentOf<'question'>['type']))}
      />
      <KindForm content={content} set={set} />
      <TextArea
        label="Hint"
        value={content.hint ?? ''}
        maxLength={600}
        onChange={(event) => set({ hint: event.target.value })}
      />
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Marks"
          type="number"
          min={1}
          max={20}
          value={content.marks}
          onChange={(event) => set({ marks: Math.min(20, Math.max(1, Math.round(Number(event.target.value)))) })}
        />
        <Seconds
          value={content.seconds}
          fromMarks={secondsFor(content.marks)}
          onChange={(seconds) => set({ seconds })}
        />
      </div>
      <TextField
        label="Show the answer after so many seconds of trying"
        type="number"
        min={10}
        max={1800}
        value={content.showAfter ?? ''}
        placeholder="never"
        hint="A student who cannot answer sees it then. An exit check never shows it."
        onChange={(event) =>
          set({
            showAfter:
              event.target.value === '' ? null : Math.min(1800, Math.max(10, Math.round(Number(event.target.value)))),
          })
        }
      />
      <Tick
        label="Stop the lesson here until the student has tried"
        checked={content.stops ?? true}
        onChange={(stops) => set({ stops })}
      />
      <Facts facts={facts} />
    </>
  );
}

/** What another kind needs is added; what was typed for the old one stays, in case the teacher comes back. */
function withType(content: ContentOf<'question'>, type: ContentOf<'question'>['type']): Partial<ContentOf<'question'>> {
  return { ...QUESTION_KINDS[type].blank?.(), ...content, type };
}
