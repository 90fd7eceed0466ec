import { TextField } from '../../ui/Field';
import type { FormProps } from '../BlockForm';

export function LinkForm({ content, onChange }: FormProps<'link'>) {
  return (
    <>
      <TextField
        label="Address, as the browser shows it"
        type="url"
        value={content.address}
        maxLength={2000}
        placeholder="https://"
        onChange={(event) => onChange({ ...content, address: event.target.value })}
      />
      <div className="grid grid-cols-3 gap-3">
        <TextField
          label="Look at it from"
          value={content.from ?? ''}
          maxLength={40}
          placeholder="2:10, or page 4"
          onChange={(event) => onChange({ ...content, from: event.target.value })}
        />
        <TextField
          label="to"
          value={content.to ?? ''}
          maxLength={40}
          placeholder="4:30"
          onChange={(event) => onChange({ ...content, to: event.target.value })}
        />
        <TextField
          label="Minutes that it takes"
          type="number"
          min={0}
          max={600}
          step={0.5}
          value={content.minutes ?? ''}
          onChange={(event) =>
            onChange({
              ...content,
              minutes: event.target.value === '' ? null : Math.min(600, Math.max(0, Number(event.target.value))),
            })
          }
        />
      </div>
    </>
  );
}
