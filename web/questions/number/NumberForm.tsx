import { newId } from '../../rooms/lesson/desk';
import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function NumberForm({ content, set }: KindFormProps) {
  return (
    <>
      <RightNumber content={content} set={set} tolerance="May be off by" />
      <Rows
        legend="Common slips"
        rows={content.slips ?? []}
        most={8}
        add="Add a slip"
        make={() => ({ id: newId('slip'), value: '', unit: content.unit ?? '', why: '' })}
        onChange={(slips) => set({ slips })}
      >
        {(slip, change, index) => (
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label="Wrong number"
              aria-label={`Number of slip ${index + 1}`}
              value={slip.value}
              maxLength={40}
              onChange={(event) => change({ value: event.target.value })}
            />
            <TextField
              label="Unit"
              aria-label={`Unit of slip ${index + 1}`}
              value={slip.unit}
              maxLength={20}
              onChange={(event) => change({ unit: event.target.value })}
            />
            <div className="col-span-2">
              <TextField
                label="What went wrong"
                aria-label={`What went wrong in slip ${index + 1}`}
                value={slip.why}
                maxLength={300}
                onChange={(event) => change({ why: event.target.value })}
              />
            </div>
          </div>
        )}
      </Rows>
    </>
  );
}

/** The right number, and how far an answer may be off. */
export function RightNumber({ content, set, tolerance }: KindFormProps & { tolerance: string }) {
  return (
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
        label={tolerance}
        value={content.tolerance ?? ''}
        maxLength={20}
        placeholder="0"
        onChange={(event) => set({ tolerance: event.target.value })}
      />
    </div>
  );
}
