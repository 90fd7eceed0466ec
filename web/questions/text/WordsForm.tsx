import { newId } from '../../rooms/lesson/desk';
import { TextArea, TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function WordsForm({ content, set }: KindFormProps) {
  const points = content.markPoints ?? [];
  return (
    <>
      <TextArea
        label="Model answer"
        value={content.value ?? ''}
        maxLength={2000}
        onChange={(event) => set({ value: event.target.value })}
      />
      <Rows
        legend="What earns a mark"
        rows={points}
        most={8}
        add="Add what earns a mark"
        make={() => ({ id: newId('point'), text: '' })}
        onChange={(rows) => set({ markPoints: rows, ...(rows.length > points.length && { marks: rows.length }) })}
      >
        {(row, change, index) => (
          <TextField
            label={`Mark ${index + 1}`}
            value={row.text}
            maxLength={300}
            onChange={(event) => change({ text: event.target.value })}
          />
        )}
      </Rows>
    </>
  );
}
