import { useId } from 'react';
import type { AskedQuestion, Thing } from '../../stage/programme';
import { Choice, TextField } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';
import { type Goal, PractiseToGoal } from './PractiseToGoal';

const LEVELS: Record<string, string> = { 1: 'to begin with', 2: 'a step further', 3: 'for a challenge' };

interface AskedPractice extends AskedQuestion {
  /** Until when is practised; nothing where a set is answered at once. */
  goal?: Goal | null;
  levels: { level: string; items: (Thing & { choices: string[] })[] }[];
}

/** A level is chosen, then its questions are answered; what was written for another level is kept apart. */
export function PractiseAtLevel({ question, given, onWrite, practise }: AnsweringProps<AskedPractice>) {
  const name = useId();
  const answers = readMap(given);
  const chosen = question.levels.find((level) => level.level === answers.level);
  const write = (item: string, answer: string) => onWrite(JSON.stringify({ ...answers, [item]: answer }));
  return (
    <div className="flex flex-col gap-4">
      <fieldset>
        <legend className="mb-1 text-small text-quiet">Your level</legend>
        {question.levels.map((level) => (
          <label key={level.level} className="flex min-h-12 items-center gap-3 border-t border-rule py-2">
            <input
              type="radio"
              name={name}
              checked={answers.level === level.level}
              onChange={() => onWrite(JSON.stringify({ level: level.level }))}
              className="size-6 shrink-0 accent-action"
            />
            Level {level.level}, {LEVELS[level.level]}
          </label>
        ))}
      </fieldset>
      {chosen && question.goal && practise && (
        <PractiseToGoal
          key={chosen.level}
          goal={question.goal}
          level={chosen.level}
          practise={practise}
          onPractised={({ asked, right }) => onWrite(JSON.stringify({ level: chosen.level, asked, right }))}
        />
      )}
      <ol className="flex flex-col gap-4" hidden={!!question.goal && !!practise}>
        {chosen?.items.map((item, index) => (
          <li key={item.id}>
            <p className="mb-1">
              <span className="font-semibold">{index + 1}.</span> {item.text}
            </p>
            {item.choices.length > 0 ? (
              <Choice
                label={`Answer to ${index + 1}`}
                value={answers[item.id] ?? ''}
                choices={[
                  { value: '', label: 'choose' },
                  ...item.choices.map((each) => ({ value: each, label: each })),
                ]}
                onChoose={(answer) => write(item.id, answer)}
                className="min-h-12!"
              />
            ) : (
              <TextField
                label={`Answer to ${index + 1}, with its unit if it has one`}
                value={answers[item.id] ?? ''}
                maxLength={60}
                autoComplete="off"
                onChange={(event) => write(item.id, event.target.value)}
                className="min-h-12!"
              />
            )}
          </li>
        ))}
      </ol>
    </div>
  );
}
