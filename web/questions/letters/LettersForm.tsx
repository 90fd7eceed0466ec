import { newId } from '../../rooms/lesson/desk';
import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function LettersForm({ content, set }: KindFormProps) {
  return (
    <Rows
      legend="Lines, each with its letter"
      rows={content.lines ?? []}
      most={14}
      add="Add a line"
      make={() => ({ id: newId('line'), text: '', letter: 'A' })}
      onChange={(lines) => set({ lines })}
    >
      {(line, change, index) => (
        <div className="grid grid-cols-[1fr_4.5rem] gap-2">
          <TextField
            label={`Line ${index + 1}`}
            value={line.text}
            maxLength={120}
            onChange={(event) => change({ text: event.target.value })}
          />
          <TextField
            label="Letter"
            value={line.letter}
            maxLength={1}
            onChange={(event) => change({ letter: event.target.value.toUpperCase() })}
          />
        </div>
      )}
    </Rows>
  );
}
