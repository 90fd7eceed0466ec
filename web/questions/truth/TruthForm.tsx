import { Choice, TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

export function TruthForm({ content, set }: KindFormProps) {
  return (
    <>
      <Choice
        label="The claim is"
        value={content.isTrue ? 'true' : 'false'}
        choices={[
          { value: 'false', label: 'false' },
          { value: 'true', label: 'true' },
        ]}
        onChoose={(verdict) => set({ isTrue: verdict === 'true' })}
      />
      <p className="text-small text-quiet">
        A claim about numbers can be checked by computing: say which numbers it is about, and what it says of them.
      </p>
      <div className="grid grid-cols-[4.5rem_1fr] gap-3">
        <TextField
          label="Letter"
          value={content.letter ?? 'n'}
          maxLength={1}
          onChange={(event) => set({ letter: event.target.value })}
        />
        <TextField
          label="Numbers it is about"
          value={content.domain ?? ''}
          maxLength={120}
          placeholder="n is whole and n > 2"
          onChange={(event) => set({ domain: event.target.value })}
        />
      </div>
      <TextField
        label="What it says of them"
        value={content.holds ?? ''}
        maxLength={120}
        placeholder="n² > 2n"
        onChange={(event) => set({ holds: event.target.value })}
      />
    </>
  );
}
