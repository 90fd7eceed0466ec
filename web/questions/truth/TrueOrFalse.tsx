import type { AskedQuestion } from '../../stage/programme';
import { TextField } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';
import { OneOf } from '../OneOf';

interface AskedTruth extends AskedQuestion {
  letter: string;
}

const VERDICTS = [
  { id: 'true', shown: 'True, always' },
  { id: 'false', shown: 'False' },
];

/** True or false; what is called false needs a number that breaks the claim. */
export function TrueOrFalse({ question, prompt, given, onWrite }: AnsweringProps<AskedTruth>) {
  const answer = readMap(given);
  const write = (change: Record<string, string>) => onWrite(JSON.stringify({ ...answer, ...change }));
  return (
    <div className="flex flex-col gap-3">
      <OneOf legend={prompt} things={VERDICTS} chosen={answer.verdict} onChoose={(verdict) => write({ verdict })} />
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
