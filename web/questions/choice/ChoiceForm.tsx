import { FoldedPicture } from '../../blocks/picture/FoldedPicture';
import { newId } from '../../rooms/lesson/desk';
import { AddButton } from '../../ui/AddButton';
import { Button } from '../../ui/Button';
import { TextField, Tick } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';

export function ChoiceForm({ content, set: change }: KindFormProps) {
  const choices = content.choices ?? [];
  const set = (index: number, some: Partial<(typeof choices)[number]>) =>
    change({ choices: choices.map((each, at) => (at === index ? { ...each, ...some } : each)) });
  return (
    <fieldset className="flex flex-col gap-3 rounded border border-rule p-3">
      <legend className="px-1 text-small text-quiet">Answers to choose from</legend>
      {choices.map((choice, index) => (
        <div key={choice.id} className="flex flex-col gap-1">
          <TextField
            label={`Answer ${String.fromCharCode(65 + index)}`}
            value={choice.text}
            maxLength={300}
            onChange={(event) => set(index, { text: event.target.value })}
          />
          {!choice.right && (
            <TextField
              label="What went wrong if it is chosen"
              value={choice.slip ?? ''}
              maxLength={300}
              onChange={(event) => set(index, { slip: event.target.value })}
            />
          )}
          <div className="flex flex-wrap items-center justify-between gap-x-3">
            <Tick label="Right" checked={choice.right} onChange={(right) => set(index, { right })} />
            <FoldedPicture
              label={`A picture for ${String.fromCharCode(65 + index)}`}
              medium={choice.picture}
              onChoose={(picture) => set(index, { picture })}
            />
            <Button
              look="quiet"
              disabled={choices.length <= 2}
              onClick={() => change({ choices: choices.filter((each) => each.id !== choice.id) })}
            >
              Remove
            </Button>
          </div>
        </div>
      ))}
      <AddButton
        disabled={choices.length >= 8}
        onAdd={() => change({ choices: [...choices, { id: newId('choice'), text: '', right: false }] })}
      >
        Add an answer
      </AddButton>
    </fieldset>
  );
}
