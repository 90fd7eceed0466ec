import { newId } from '../../rooms/lesson/desk';
import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function OrderForm({ content, set }: KindFormProps) {
  return (
    <Rows
      legend="Things in their right order; the student gets them mixed"
      rows={content.items ?? []}
      most={12}
      add="Add a thing"
      moves
      make={() => ({ id: newId('item'), text: '' })}
      onChange={(items) => set({ items })}
    >
      {(item, change, index) => (
        <TextField
          label={`${index + 1}.`}
          value={item.text}
          maxLength={120}
          onChange={(event) => change({ text: event.target.value })}
        />
      )}
    </Rows>
  );
}
