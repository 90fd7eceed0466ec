import { TextArea } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

export function WordsForm({ content, set }: KindFormProps) {
  return (
    <TextArea
      label="Model answer"
      value={content.value ?? ''}
      maxLength={2000}
      onChange={(event) => set({ value: event.target.value })}
    />
  );
}
