import { type ComponentProps, type ReactNode, useId, useLayoutEffect, useRef } from 'react';
import { Select } from './Select';

const BOX = 'w-full rounded border border-edge bg-sheet px-2.5 py-1.5 text-base text-ink placeholder:text-quiet';

/** Letters that are left when the limit begins to be told. */
const NEAR = 0.9;

/** Says how many letters are left, shortly before there are none. */
function left(value: unknown, most: number | undefined): string | undefined {
  if (typeof value !== 'string' || most === undefined || most < 20 || value.length < most * NEAR) return undefined;
  const rest = most - value.length;
  if (rest < 0) return `${-rest} letters too many: at most ${most}.`;
  return rest === 1 ? '1 letter left.' : `${rest} letters left.`;
}

interface Labelled {
  label: string;
  hint?: ReactNode;
  hideLabel?: boolean;
}

function Wrapped({ id, label, hint, hideLabel, children }: Labelled & { id: string; children: ReactNode }) {
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-small text-quiet'}>
        {label}
      </label>
      {children}
      {hint && <p className="mt-1 text-small text-quiet">{hint}</p>}
    </div>
  );
}

export function TextField({ label, hint, hideLabel, className = '', ...rest }: Labelled & ComponentProps<'input'>) {
  const made = useId();
  const id = rest.id ?? made;
  return (
    <Wrapped id={id} label={label} hint={hint ?? left(rest.value, rest.maxLength)} hideLabel={hideLabel}>
      <input className={`${BOX} min-h-10 ${className}`} {...rest} id={id} />
    </Wrapped>
  );
}

/** A text box as high as its text. */
export function TextArea({
  label,
  hint,
  hideLabel,
  className = '',
  value,
  ...rest
}: Labelled & ComponentProps<'textarea'>) {
  const made = useId();
  const id = rest.id ?? made;
  const box = useRef<HTMLTextAreaElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the height follows from the text
  useLayoutEffect(() => {
    if (!box.current) return;
    box.current.style.height = 'auto';
    box.current.style.height = `${box.current.scrollHeight + 2}px`;
  }, [value]);
  return (
    <Wrapped id={id} label={label} hint={hint ?? left(value, rest.maxLength)} hideLabel={hideLabel}>
      <textarea
        ref={box}
        rows={1}
        value={value}
        className={`${BOX} resize-none overflow-hidden ${className}`}
        {...rest}
        id={id}
      />
    </Wrapped>
  );
}

interface ChoiceProps extends Labelled {
  value: string;
  choices: { value: string; label: string }[];
  onChoose: (value: string) => void;
  className?: string;
}

export function Choice({ label, hint, hideLabel, value, choices, onChoose, className = '' }: ChoiceProps) {
  const id = useId();
  return (
    <Wrapped id={id} label={label} hint={hint} hideLabel={hideLabel}>
      <Select
        id={id}
        value={value}
        onChange={(event) => onChoose(event.target.value)}
        className={`${BOX} min-h-10 ${className}`}
      >
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </Select>
    </Wrapped>
  );
}

export function Tick({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="flex min-h-10 items-center gap-2 text-base">
      <input
        type="checkbox"
        checked={checked}
        onChange={(event) => onChange(event.target.checked)}
        className="size-5 shrink-0 accent-action"
      />
      {label}
    </label>
  );
}
