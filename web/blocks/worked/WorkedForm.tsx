import { newId } from '../../rooms/lesson/desk';
import { AddButton } from '../../ui/AddButton';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { WriteLines } from './WriteLines';

export function WorkedForm({ content, onChange }: FormProps<'worked'>) {
  const set = (id: string, change: { formula?: string; reason?: string }) =>
    onChange({ ...content, lines: content.lines.map((line) => (line.id === id ? { ...line, ...change } : line)) });
  const move = (index: number) => {
    const lines = [...content.lines];
    const [line] = lines.splice(index, 1);
    if (line) lines.splice(index - 1, 0, line);
    onChange({ ...content, lines });
  };
  return (
    <>
      <WriteLines content={content} onChange={onChange} />
      <TextArea
        label="The task"
        value={content.task ?? ''}
        maxLength={600}
        onChange={(event) => onChange({ ...content, task: event.target.value })}
      />
      <p className="text-small text-quiet">
        Type formulas as you write them: 3/4 + 1/2 = 5/4, v = u + a t, 2 m × 3 m = 6 m².
      </p>
      {content.lines.map((line, index) => (
        <fieldset key={line.id} className="rounded border border-rule p-3">
          <legend className="px-1 text-small text-quiet">Line {index + 1}</legend>
          <TextField
            label="Working"
            value={line.formula}
            maxLength={300}
            onChange={(event) => set(line.id, { formula: event.target.value })}
          />
          <TextField
            label="Its reason"
            value={line.reason}
            maxLength={300}
            onChange={(event) => set(line.id, { reason: event.target.value })}
          />
          <div className="mt-1 flex gap-1">
            <Button look="quiet" disabled={index === 0} onClick={() => move(index)}>
              Move up
            </Button>
            <Button
              look="quiet"
              disabled={content.lines.length === 1}
              onClick={() => onChange({ ...content, lines: content.lines.filter((each) => each.id !== line.id) })}
            >
              Remove
            </Button>
          </div>
        </fieldset>
      ))}
      <AddButton
        disabled={content.lines.length >= 30}
        onAdd={() =>
          onChange({ ...content, lines: [...content.lines, { id: newId('line'), formula: '', reason: '' }] })
        }
      >
        Add a line
      </AddButton>
    </>
  );
}
