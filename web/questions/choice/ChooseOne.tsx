import type { AskedQuestion, Thing } from '../../stage/programme';
import type { AnsweringProps } from '../Answering';
import { OneOf } from '../OneOf';

interface AskedChoice extends AskedQuestion {
  choices: (Thing & { picture?: string | null; shows?: string })[];
}

export function ChooseOne({ question, prompt, given, onWrite }: AnsweringProps<AskedChoice>) {
  const things = question.choices.map(({ id, text, picture, shows }, index) => ({
    id,
    shown: (
      <>
        <span className="font-semibold">{String.fromCharCode(65 + index)}</span>
        {picture && <img src={picture} alt={shows ?? ''} className="h-16 max-w-32 shrink-0 rounded-sm" />}
        <span>{text}</span>
      </>
    ),
  }));
  return <OneOf legend={prompt} things={things} chosen={given} onChoose={onWrite} />;
}
