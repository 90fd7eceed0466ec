import { useId } from 'react';
import type { AskedQuestion } from '../../stage/programme';
import { TextField } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';

interface AskedTruth extends AskedQuestion {
  letter: string;
}

/** True or false; what is called false needs a number that breaks the claim. */
export function TrueOrFalse({ question, prompt, given, onWrite }: AnsweringProps<AskedTruth>) {
  const name = useId();
  const answer = readMap(given);
  const write = (change: Record<string, string>) => onWrite(JSON.stringify({ ...answer, ...change }));
  return (
    <div className="flex flex-col gap-3">
      <fieldset>
        <legend className="sr-only">{prompt}</legend>
        {(['true', 'false'] as const).map((verdict) => (
          <label key={verdict} className="flex min-h-12 items-center gap-3 border-t border-rule py-2">
            <input
              type="radio"
              name={name}
              checked={answer.verdict === verdict}
              onChange={() => write({ verdict })}
              className="size-6 shrink-0 accent-action"
            />
            {verdict === 'true' ? 'True, always' : 'False'}
          </label>
        ))}
      </fieldset>
      {answer.verdict === 'false' && question.letter && (
        <TextField
          label={`A number for which it does not hold: ${question.letter} =`}
          value={answer.example ?? ''}
          maxLength={20}
          autoComplete="off"
          onChange={(event) => write({ example: event.target.value })}
          className="min-h-12! text-lg"
        />
      )}
    </div>
  );
}
