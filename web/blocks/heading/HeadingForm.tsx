import { TextArea } from '../../ui/Field';
import type { FormProps } from '../BlockForm';

export function HeadingForm({ content, onChange }: FormProps<'heading'>) {
  return (
    <TextArea
      label="Heading"
      value={content.text}
      maxLength={300}
      autoFocus
      onChange={(event) => onChange({ text: event.target.value })}
    />
  );
}
