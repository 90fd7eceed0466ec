import { TextArea } from '../../ui/Field';
import type { AnsweringProps } from '../Answering';

/** A few words. */
export function WriteWords({ given, onWrite }: AnsweringProps) {
  return (
    <TextArea
      label="Your answer"
      value={given}
      onChange={(event) => onWrite(event.target.value)}
      maxLength={2000}
      rows={3}
    />
  );
}
