import { useState } from 'react';
import { TextArea, TextField } from '../../ui/Field';

/**
 * What is being typed, which may not be whole yet; it follows when the lesson is changed from elsewhere, as by Undo.
 *
 * @returns what is typed, and how to change it: the text, and the text of what the lesson then holds
 */
function useTyped(held: string): [string, (typed: string, holds: string) => void] {
  const [typed, setTyped] = useState(held);
  const [known, setKnown] = useState(held);
  if (held !== known) {
    setKnown(held);
    setTyped(held);
  }
  return [
    typed,
    (text, holds) => {
      setTyped(text);
      setKnown(holds);
    },
  ];
}

/** A title may be empty while it is typed; the lesson keeps the one before. */
export function TitleField({ value, onChange }: { value: string; onChange: (title: string) => void }) {
  const [typed, setTyped] = useTyped(value);
  const isRight = typed.trim() !== '';
  return (
    <TextField
      label="Title"
      value={typed}
      required
      maxLength={200}
      aria-invalid={!isRight}
      hint={isRight ? undefined : 'A lesson needs a title.'}
      onChange={(event) => {
        const next = event.target.value;
        const isWhole = next.trim() !== '';
        setTyped(next, isWhole ? next : value);
        if (isWhole) onChange(next);
      }}
    />
  );
}

interface NumberFieldProps {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  onChange: (value: number) => void;
}

export function NumberField({ label, value, least, most, step, onChange }: NumberFieldProps) {
  const [typed, setTyped] = useTyped(String(value));
  const isIn = (text: string) => text.trim() !== '' && Number(text) >= least && Number(text) <= most;
  return (
    <TextField
      label={label}
      type="number"
      min={least}
      max={most}
      step={step}
      value={typed}
      aria-invalid={!isIn(typed)}
      hint={isIn(typed) ? undefined : `From ${least} to ${most}.`}
      onChange={(event) => {
        const next = event.target.value;
        setTyped(next, String(isIn(next) ? Number(next) : value));
        if (isIn(next)) onChange(Number(next));
      }}
    />
  );
}

interface LinesProps {
  label: string;
  values: string[];
  /** How many lines there may be, and how many letters in each. */
  most: number;
  longest: number;
  onChange: (values: string[]) => void;
}

/** A list, typed one a line. */
export function Lines({ label, values, most, longest, onChange }: LinesProps) {
  const [typed, setTyped] = useTyped(values.join('\n'));
  return (
    <TextArea
      label={label}
      value={typed}
      hint={
        values.length >= most
          ? `At most ${most} lines.`
          : values.some((each) => each.length >= longest)
            ? `A line has at most ${longest} letters.`
            : undefined
      }
      onChange={(event) => {
        const next = event.target.value
          .split('\n')
          .map((each) => each.trim().slice(0, longest))
          .filter(Boolean)
          .slice(0, most);
        setTyped(event.target.value, next.join('\n'));
        onChange(next);
      }}
    />
  );
}
