import type { FormProps } from '../BlockForm';
import { PictureChoice } from '../picture/PictureChoice';

export function ComparisonForm({ content, onChange }: FormProps<'comparison'>) {
  return (
    <>
      {(['first', 'second'] as const).map((side) => (
        <fieldset key={side} className="col-span-2 flex flex-col gap-2 rounded border border-rule p-3">
          <legend className="px-1 text-small text-quiet">
            {side === 'first' ? 'On the left of the border' : 'On the right of the border'}
          </legend>
          <PictureChoice medium={content[side]} onChoose={(medium) => onChange({ ...content, [side]: medium })} />
        </fieldset>
      ))}
    </>
  );
}
