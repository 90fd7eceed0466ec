import { spokenTime } from '../clock';
import { TextField } from '../ui/Field';

/** The teacher's own time to think, or the one that follows from the marks. */
export function Seconds({
  value,
  fromMarks,
  onChange,
}: {
  value: number | null | undefined;
  fromMarks: number;
  onChange: (value: number | null) => void;
}) {
  return (
    <TextField
      label="Seconds to try"
      type="number"
      min={3}
      max={1800}
      value={value ?? ''}
      placeholder={String(fromMarks)}
      hint={value ? undefined : `From the marks: ${spokenTime(fromMarks)}.`}
      onChange={(event) =>
        onChange(event.target.value === '' ? null : Math.min(1800, Math.max(3, Number(event.target.value))))
      }
    />
  );
}

/** A minute a mark and two to think. */
export function secondsFor(marks: number): number {
  return marks * 60 + 120;
}
