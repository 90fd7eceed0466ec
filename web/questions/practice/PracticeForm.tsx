import { useKinds } from '../../rooms/lesson/kinds';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

/** A new seed for a practice set. */
export function freshSeed(): number {
  return (crypto.getRandomValues(new Uint32Array(1))[0] ?? 1) % 1_000_000;
}

export function PracticeForm({ content, set }: KindFormProps) {
  const kinds = useKinds();
  const makers = content.source === 'worked' ? kinds.data?.methods : kinds.data?.figures;
  const maker = makers?.find((each) => each.name === content.maker);
  return (
    <>
      <p>
        {maker
          ? `Made from: ${maker.label}.`
          : 'A practice set is made from a figure or a worked example: press “Students choose a level” in its form.'}
      </p>
      <div className="grid grid-cols-2 items-end gap-3">
        <TextField
          label="Questions at each level"
          type="number"
          min={1}
          max={6}
          value={content.count ?? 3}
          onChange={(event) => set({ count: Math.min(6, Math.max(1, Math.round(Number(event.target.value)))) })}
        />
        <TextField
          label="Number of the set"
          type="number"
          min={0}
          max={1000000}
          hint="The same number makes the same set."
          value={content.seed ?? 1}
          onChange={(event) => set({ seed: Math.min(1_000_000, Math.max(0, Math.round(Number(event.target.value)))) })}
        />
      </div>
      <Button className="self-start" onClick={() => set({ seed: freshSeed() })}>
        Make it again with other numbers
      </Button>
    </>
  );
}
