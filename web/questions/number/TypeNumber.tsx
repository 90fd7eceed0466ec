import { TextField } from '../../ui/Field';
import type { AnsweringProps } from '../Answering';

/** A number with its unit. */
export function TypeNumber(props: AnsweringProps) {
  return <NumberField {...props} label="Your answer, with its unit" />;
}

export function NumberField({ given, onWrite, label }: AnsweringProps & { label: string }) {
  return (
    <TextField
      label={label}
      value={given}
      onChange={(event) => onWrite(event.target.value)}
      maxLength={60}
      autoComplete="off"
      className="min-h-12! text-lg"
    />
  );
}
