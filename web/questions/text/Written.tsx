import { TextArea, TextField } from '../../ui/Field';
import type { AnsweringProps } from '../Answering';

/** A number with its unit, or a few words. */
export function Written({ question, given, onWrite }: AnsweringProps) {
  if (question.type === 'text') {
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
  return (
    <TextField
      label={question.type === 'reading' ? 'What it shows, with its unit' : 'Your answer, with its unit'}
      value={given}
      onChange={(event) => onWrite(event.target.value)}
      maxLength={60}
      autoComplete="off"
      className="min-h-12! text-lg"
    />
  );
}
