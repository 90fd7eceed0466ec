import { AddButton } from '../../ui/AddButton';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';
import type { FormProps } from '../BlockForm';

export function InstructionsForm({ content, onChange }: FormProps<'instructions'>) {
  const set = (index: number, text: string) =>
    onChange({ items: content.items.map((each, at) => (at === index ? text : each)) });
  return (
    <>
      {content.items.map((item, index) => (
        <div key={index} className="flex items-end gap-2">
          <div className="grow">
            <TextArea
              label={`Number ${index + 1}`}
              value={item}
              maxLength={400}
              autoFocus={index === 0}
              onChange={(event) => set(index, event.target.value)}
            />
          </div>
          <Button
            look="quiet"
            aria-label={`Take number ${index + 1} away`}
            onClick={() => onChange({ items: content.items.filter((_, at) => at !== index) })}
            disabled={content.items.length === 1}
          >
            Remove
          </Button>
        </div>
      ))}
      <AddButton onAdd={() => onChange({ items: [...content.items, ''] })} disabled={content.items.length >= 12}>
        Add a number
      </AddButton>
    </>
  );
}
