import type { AskedQuestion, Thing } from '../../stage/programme';
import { Choice } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';

interface AskedLetters extends AskedQuestion {
  lines: Thing[];
}

/** The lines of a verse, each with a letter to choose. */
export function GiveLetters({ question, given, onWrite }: AnsweringProps<AskedLetters>) {
  const letters = readMap(given);
  const choices = [
    { value: '', label: '–' },
    ...question.lines.map((_, index) => {
      const letter = String.fromCharCode(65 + index);
      return { value: letter, label: letter };
    }),
  ];
  return (
    <ol className="flex flex-col gap-2">
      {question.lines.map((line, index) => (
        <li key={line.id} className="flex items-center gap-3">
          <span className="grow">{line.text}</span>
          <Choice
            label={`Letter of line ${index + 1}`}
            hideLabel
            value={letters[line.id] ?? ''}
            choices={choices}
            onChoose={(letter) => onWrite(JSON.stringify({ ...letters, [line.id]: letter }))}
            className="min-h-12! w-20!"
          />
        </li>
      ))}
    </ol>
  );
}
