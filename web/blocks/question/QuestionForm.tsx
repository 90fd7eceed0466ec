import { newId } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { Choice, TextArea, TextField, Tick } from '../../ui/Field';
import type { ContentOf, FormProps } from '../BlockForm';
import { Facts } from '../Facts';
import { Seconds, secondsFor } from '../Seconds';

const TYPES = [
  { value: 'choice', label: 'Choose one answer' },
  { value: 'number', label: 'Type a number with its unit' },
  { value: 'text', label: 'Answer in words' },
];

export function QuestionForm({ content, onChange, facts }: FormProps<'question'>) {
  const set = (change: Partial<ContentOf<'question'>>) => onChange({ ...content, ...change });
  return (
    <>
      <Choice
        label="Kind of question"
        value={content.type}
        choices={TYPES}
        onChoose={(type) => set(withType(content, type as ContentOf<'question'>['type']))}
      />
      <TextArea
        label="Question"
        value={content.prompt}
        maxLength={1000}
        autoFocus
        onChange={(event) => set({ prompt: event.target.value })}
      />
      {content.type === 'choice' && <Choices content={content} onChange={onChange} />}
      {content.type === 'number' && (
        <div className="grid grid-cols-3 gap-3">
          <TextField
            label="Right number"
            value={content.value ?? ''}
            maxLength={40}
            onChange={(event) => set({ value: event.target.value })}
          />
          <TextField
            label="Unit"
            value={content.unit ?? ''}
            maxLength={20}
            placeholder="cm³"
            onChange={(event) => set({ unit: event.target.value })}
          />
          <TextField
            label="May be off by"
            value={content.tolerance ?? ''}
            maxLength={20}
            placeholder="0"
            onChange={(event) => set({ tolerance: event.target.value })}
          />
        </div>
      )}
      {content.type === 'text' && (
        <TextArea
          label="Model answer"
          value={content.value ?? ''}
          maxLength={2000}
          onChange={(event) => set({ value: event.target.value })}
        />
      )}
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
      <Tick
        label="Stop the lesson here until the student has tried"
        checked={content.stops ?? true}
        onChange={(stops) => set({ stops })}
      />
      <Facts facts={facts} />
    </>
  );
}

function withType(content: ContentOf<'question'>, type: ContentOf<'question'>['type']): Partial<ContentOf<'question'>> {
  if (type !== 'choice' || content.choices?.length) return { type };
  return {
    type,
    choices: [
      { id: newId('choice'), text: '', right: true },
      { id: newId('choice'), text: '', right: false },
    ],
  };
}

function Choices({
  content,
  onChange,
}: {
  content: ContentOf<'question'>;
  onChange: (content: ContentOf<'question'>) => void;
}) {
  const choices = content.choices ?? [];
  const set = (index: number, change: Partial<(typeof choices)[number]>) =>
    onChange({ ...content, choices: choices.map((each, at) => (at === index ? { ...each, ...change } : each)) });
  return (
    <fieldset className="flex flex-col gap-3 rounded border border-rule p-3">
      <legend className="px-1 text-[15px] text-quiet">Answers to choose from</legend>
      {choices.map((choice, index) => (
        <div key={choice.id} className="flex flex-col gap-1">
          <TextField
            label={`Answer ${String.fromCharCode(65 + index)}`}
            value={choice.text}
            maxLength={300}
            onChange={(event) => set(index, { text: event.target.value })}
          />
          {!choice.right && (
            <TextField
              label="What went wrong if it is chosen"
              value={choice.slip ?? ''}
              maxLength={300}
              onChange={(event) => set(index, { slip: event.target.value })}
            />
          )}
          <div className="flex items-center justify-between">
            <Tick label="Right" checked={choice.right} onChange={(right) => set(index, { right })} />
            <Button
              look="quiet"
              disabled={choices.length <= 2}
              onClick={() => onChange({ ...content, choices: choices.filter((each) => each.id !== choice.id) })}
            >
              Remove
            </Button>
          </div>
        </div>
      ))}
      <Button
        disabled={choices.length >= 8}
        onClick={() => onChange({ ...content, choices: [...choices, { id: newId('choice'), text: '', right: false }] })}
      >
        Add an answer
      </Button>
    </fieldset>
  );
}
