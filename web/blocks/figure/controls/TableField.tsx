import type { DragEvent } from 'react';
import { TextArea } from '../../../ui/Field';
import type { ControlProps } from '../QuantitiesForm';

const LARGEST = 6000;

/** A table pasted from a spreadsheet, typed, or dropped as a CSV file. */
export function TableField({ field, quantities, onChange }: ControlProps) {
  const drop = async (event: DragEvent) => {
    const file = event.dataTransfer.files[0];
    if (!file) return;
    event.preventDefault();
    event.stopPropagation();
    onChange({ [field.name]: (await file.text()).slice(0, LARGEST) });
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the text can be pasted or typed as well
    <div onDragOver={(event) => event.preventDefault()} onDrop={(event) => void drop(event)}>
      <TextArea
        label={field.label}
        hint={`${field.hint}. A CSV file can be dropped here.`}
        value={String(quantities[field.name] ?? '')}
        maxLength={LARGEST}
        className="font-mono text-small!"
        onChange={(event) => onChange({ [field.name]: event.target.value })}
      />
    </div>
  );
}
