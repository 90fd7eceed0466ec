import { TextField, Tick } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { Seconds, secondsFor } from '../Seconds';

export function PauseForm({ content, onChange }: FormProps<'pause'>) {
  const marks = content.marks ?? 1;
  return (
    <div className="grid grid-cols-2 gap-3">
      <div className="col-span-2">
        <Tick
          label="A break to get up and move"
          checked={content.move ?? false}
          onChange={(move) => onChange({ ...content, move })}
        />
      </div>
      <TextField
        label="Marks it is worth"
        type="number"
        min={1}
        max={20}
        value={marks}
        onChange={(event) =>
          onChange({ ...content, marks: Math.min(20, Math.max(1, Math.round(Number(event.target.value)))) })
        }
      />
      <Seconds
        value={content.seconds}
        fromMarks={secondsFor(marks)}
        onChange={(seconds) => onChange({ ...content, seconds })}
      />
    </div>
  );
}
