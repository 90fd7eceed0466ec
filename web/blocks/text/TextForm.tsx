import { TextArea } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { Facts } from '../Facts';

export function TextForm({ content, onChange, facts }: FormProps<'text'>) {
  return (
    <>
      <TextArea
        label="Text"
        value={content.text}
        maxLength={4000}
        autoFocus
        rows={2}
        hint="A line that begins with “- ” is a point. *Stars* make words bold, `back quotes` set a formula."
        onChange={(event) => onChange({ text: event.target.value })}
      />
      <Facts facts={facts} />
    </>
  );
}
