import { newId } from '../../rooms/lesson/desk';
import { Choice, TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';

export function SortForm({ content, set }: KindFormProps) {
  const groups = content.groups ?? [];
  return (
    <>
      <Rows
        legend="Groups"
        rows={groups}
        most={4}
        add="Add a group"
        make={() => ({ id: newId('group'), name: '' })}
        onChange={(changed) => set({ groups: changed })}
      >
        {(group, change, index) => (
          <TextField
            label={`Group ${index + 1}`}
            value={group.name}
            maxLength={60}
            onChange={(event) => change({ name: event.target.value })}
          />
        )}
      </Rows>
      <Rows
        legend="Things to sort"
        rows={content.items ?? []}
        most={20}
        add="Add a thing"
        make={() => ({ id: newId('item'), text: '', group: groups[0]?.id ?? '' })}
        onChange={(items) => set({ items })}
      >
        {(item, change, index) => (
          <div className="grid grid-cols-2 gap-2">
            <TextField
              label={`Thing ${index + 1}`}
              value={item.text}
              maxLength={120}
              onChange={(event) => change({ text: event.target.value })}
            />
            <Choice
              label="belongs in"
              value={item.group ?? ''}
              choices={groups.map((group) => ({ value: group.id, label: group.name || 'a group without a name' }))}
              onChoose={(group) => change({ group })}
            />
          </div>
        )}
      </Rows>
    </>
  );
}
