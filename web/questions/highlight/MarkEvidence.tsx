import { useState } from 'react';
import type { AskedQuestion } from '../../stage/programme';
import { Button } from '../../ui/Button';
import { PassageWords } from '../../ui/PassageWords';
import { type AnsweringProps, readList } from '../Answering';

interface AskedHighlight extends AskedQuestion {
  passage: string;
}

/** The first and the last word of a piece of evidence are touched; touching a marked word takes its mark away. */
export function MarkEvidence({ question, given, onWrite }: AnsweringProps<AskedHighlight>) {
  const [first, setFirst] = useState<number | null>(null);
  const marked = readList<number>(given);
  const touch = (word: number) => {
    if (first === null && marked.includes(word)) {
      onWrite(JSON.stringify(marked.filter((each) => !isJoined(marked, each, word))));
      return;
    }
    if (first === null) {
      setFirst(word);
      return;
    }
    const [from, to] = [Math.min(first, word), Math.max(first, word)];
    const added = Array.from({ length: to - from + 1 }, (_, index) => from + index);
    onWrite(JSON.stringify([...new Set([...marked, ...added])].sort((one, other) => one - other)));
    setFirst(null);
  };
  return (
    <div className="flex flex-col gap-2">
      <PassageWords
        passage={question.passage}
        markOf={(word) =>
          word === first
            ? 'border-action bg-action-chosen'
            : marked.includes(word)
              ? 'border-caution bg-first-light'
              : ''
        }
        onWord={touch}
      />
      <p role="status" className="text-small text-quiet">
        {first === null
          ? 'Touch the first word, then the last. Touch a mark to take it away.'
          : 'Now touch the last word.'}
      </p>
      {marked.length > 0 && (
        <Button look="quiet" className="self-start" onClick={() => onWrite('')}>
          Take all marks away
        </Button>
      )}
    </div>
  );
}

/** Whether two marked words belong to one unbroken mark. */
function isJoined(marked: number[], one: number, other: number): boolean {
  const [from, to] = [Math.min(one, other), Math.max(one, other)];
  for (let word = from; word <= to; word++) if (!marked.includes(word)) return false;
  return true;
}
