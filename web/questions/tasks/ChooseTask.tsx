import type { AskedQuestion, Thing } from '../../stage/programme';
import { TextArea } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';
import { OneOf } from '../OneOf';

interface AskedTasks extends AskedQuestion {
  tasks: Thing[];
}

/** One of several tasks is chosen, and what came of it is written down. */
export function ChooseTask({ question, prompt, given, onWrite }: AnsweringProps<AskedTasks>) {
  const answer = readMap(given);
  const write = (change: Record<string, string>) => onWrite(JSON.stringify({ ...answer, ...change }));
  const things = question.tasks.map(({ id, text }) => ({ id, shown: text }));
  return (
    <div className="flex flex-col gap-3">
      <OneOf legend={prompt} things={things} chosen={answer.task} onChoose={(task) => write({ task })} />
      {answer.task && (
        <TextArea
          label="What you did or found"
          value={answer.words ?? ''}
          onChange={(event) => write({ words: event.target.value })}
          maxLength={2000}
          rows={3}
        />
      )}
    </div>
  );
}
