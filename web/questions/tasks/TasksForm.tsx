import { newId } from '../../rooms/lesson/desk';
import { TextField } from '../../ui/Field';
import type { KindFormProps } from '../KindForm';
import { Rows } from '../Rows';
import { WordsForm } from '../text/WordsForm';

export function TasksForm({ content, set }: KindFormProps) {
  return (
    <>
      <Rows
        legend="Tasks to choose from"
        rows={content.tasks ?? []}
        most={6}
        add="Add a task"
        make={() => ({ id: newId('task'), text: '' })}
        onChange={(tasks) => set({ tasks })}
        moves
      >
        {(task, change, index) => (
          <TextField
            label={`Task ${index + 1}`}
            value={task.text}
            maxLength={300}
            onChange={(event) => change({ text: event.target.value })}
          />
        )}
      </Rows>
      <WordsForm content={content} set={set} />
    </>
  );
}
