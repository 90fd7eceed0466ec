import { newId } from '../../rooms/lesson/desk';
import { TextArea, TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function PlanForm({ content, set }: KindFormProps) {
  return (
    <Rows
      legend="Boxes of the plan"
      rows={content.boxes ?? []}
      most={6}
      add="Add a box"
      make={() => ({ id: newId('box'), name: '', purpose: '', starter: '', model: '' })}
      onChange={(boxes) => set({ boxes })}
    >
      {(box, change, index) => (
        <div className="flex flex-col gap-2">
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label={`Box ${index + 1}`}
              value={box.name}
              maxLength={60}
              onChange={(event) => change({ name: event.target.value })}
            />
            <TextField
              label="is there to"
              value={box.purpose ?? ''}
              maxLength={120}
              onChange={(event) => change({ purpose: event.target.value })}
            />
          </div>
          <TextField
            label="Begin with"
            value={box.starter ?? ''}
            maxLength={120}
            onChange={(event) => change({ starter: event.target.value })}
          />
          <TextArea
            label="Model"
            value={box.model ?? ''}
            maxLength={300}
            onChange={(event) => change({ model: event.target.value })}
          />
        </div>
      )}
    </Rows>
  );
}
