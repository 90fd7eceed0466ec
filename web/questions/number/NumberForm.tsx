import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

export function NumberForm({ content, set }: KindFormProps) {
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
        label={content.type === 'reading' ? 'Half a division' : 'May be off by'}
        value={content.tolerance ?? ''}
        maxLength={20}
        placeholder="0"
        onChange={(event) => set({ tolerance: event.target.value })}
      />
    </div>
  );
}
