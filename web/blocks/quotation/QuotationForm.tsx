import { TextArea, TextField } from '../../ui/Field';
import type { FormProps } from '../BlockForm';

export function QuotationForm({ content, onChange }: FormProps<'quotation'>) {
  return (
    <>
      <TextArea
        label="Their words"
        value={content.text}
        maxLength={1000}
        autoFocus
        rows={3}
        hint="Without quotation marks: they are put around it."
        onChange={(event) => onChange({ ...content, text: event.target.value })}
      />
      <TextField
        label="Source"
        value={content.source}
        maxLength={200}
        hint="Who said it, and where it stands."
        onChange={(event) => onChange({ ...content, source: event.target.value })}
      />
    </>
  );
}
