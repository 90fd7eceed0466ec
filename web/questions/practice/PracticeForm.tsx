import { useKinds } from '../../rooms/lesson/kinds';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

/** A new seed for a practice set. */
export function freshSeed(): number {
  return (crypto.getRandomValues(new Uint32Array(1))[0] ?? 1) % 1_000_000;
}

function between(least: number, most: number, typed: string): number {
  return Math.min(most, Math.max(least, Math.round(Number(typed))));
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
          onChange={(event) => set({ count: between(1, 6, event.target.value) })}
        />
        <TextField
          label="Number of the set"
          type="number"
          min={0}
          max={1000000}
          hint="The same number makes the same set."
          value={content.seed ?? 1}
          onChange={(event) => set({ seed: between(0, 1_000_000, event.target.value) })}
        />
      </div>
      <div className="grid grid-cols-2 items-end gap-3">
        <Choice
          label="Practised until"
          value={content.goal?.inARow ? 'inARow' : content.goal?.minutes ? 'minutes' : 'set'}
          choices={[
            { value: 'set', label: 'the set is done' },
            { value: 'inARow', label: 'so many in a row are right' },
            { value: 'minutes', label: 'so many minutes are over' },
          ]}
          onChoose={(value) =>
            set({ goal: value === 'set' ? undefined : value === 'inARow' ? { inARow: 5 } : { minutes: 5 } })
          }
        />
        {content.goal?.inARow !== undefined && (
          <TextField
            label="Right in a row"
            type="number"
            min={2}
            max={20}
            value={content.goal.inARow}
            onChange={(event) => set({ goal: { inARow: between(2, 20, event.target.value) } })}
          />
        )}
        {content.goal?.minutes !== undefined && (
          <TextField
            label="Minutes"
            type="number"
            min={1}
            max={30}
            value={content.goal.minutes}
            onChange={(event) => set({ goal: { minutes: between(1, 30, event.target.value) } })}
          />
        )}
      </div>
      <Button className="self-start" onClick={() => set({ seed: freshSeed() })}>
        Make it again with other numbers
      </Button>
    </>
  );
}
