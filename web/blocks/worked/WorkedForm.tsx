import { Choice, TextArea } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { WriteLines } from './WriteLines';

/** Lines are typed on the slide; here they are written out by a method. */
export function WorkedForm({ content, onChange }: FormProps<'worked'>) {
  return (
    <>
      <WriteLines content={content} onChange={onChange} />
      <TextArea
        label="The task"
        value={content.task ?? ''}
        maxLength={600}
        onChange={(event) => onChange({ ...content, task: event.target.value })}
      />
      <Choice
        label="Lines that you write while recording"
        value={String(content.room ?? 0)}
        choices={['0', '1', '2', '3', '4', '5', '6'].map((count) => ({
          value: count,
          label: count === '0' ? 'none' : `room for ${count}`,
        }))}
        onChoose={(count) => onChange({ ...content, room: Number(count) })}
      />
      <p className="text-small text-quiet">
        Type formulas as you write them: 3/4 + 1/2 = 5/4, v = u + a t, 2 m × 3 m = 6 m².
      </p>
    </>
  );
}
