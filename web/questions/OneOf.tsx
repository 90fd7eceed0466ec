import { type ReactNode, useId } from 'react';

interface OneOfProps {
  /** What is asked. */
  legend: string;
  things: { id: string; shown: ReactNode }[];
  chosen: string | undefined;
  onChoose: (id: string) => void;
}

/** Things under one another of which one is chosen. */
export function OneOf({ legend, things, chosen, onChoose }: OneOfProps) {
  const name = useId();
  return (
    <fieldset>
      <legend className="sr-only">{legend}</legend>
      {things.map(({ id, shown }) => (
        <label key={id} className="flex min-h-12 items-center gap-3 border-t border-rule py-2">
          <input
            type="radio"
            name={name}
            value={id}
            checked={chosen === id}
            onChange={() => onChoose(id)}
            className="size-6 shrink-0 accent-action"
          />
          {shown}
        </label>
      ))}
    </fieldset>
  );
}
