import { useId } from 'react';
import type { AskedQuestion, Thing } from '../../stage/programme';
import type { AnsweringProps } from '../Answering';

interface AskedChoice extends AskedQuestion {
  choices: (Thing & { picture?: string | null; shows?: string })[];
}

export function ChooseOne({ question, prompt, given, onWrite }: AnsweringProps<AskedChoice>) {
  const name = useId();
  return (
    <fieldset>
      <legend className="sr-only">{prompt}</legend>
      {question.choices.map((choice, index) => (
        <label key={choice.id} className="flex min-h-12 items-center gap-3 border-t border-rule py-2">
          <input
            type="radio"
            name={name}
            value={choice.id}
            checked={given === choice.id}
            onChange={() => onWrite(choice.id)}
            className="size-6 shrink-0 accent-action"
          />
          <span className="font-semibold">{String.fromCharCode(65 + index)}</span>
          {choice.picture && (
            <img src={choice.picture} alt={choice.shows ?? ''} className="h-16 max-w-32 shrink-0 rounded-sm" />
          )}
          <span>{choice.text}</span>
        </label>
      ))}
    </fieldset>
  );
}
