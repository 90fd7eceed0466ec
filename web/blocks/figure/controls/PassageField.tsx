import { useState } from 'react';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Field';
import { PassageWords } from '../../../ui/PassageWords';
import type { ControlProps } from '../QuantitiesForm';

interface Mark {
  from: number;
  to: number;
  question: number;
}

const LOOKS = [
  'border-morning bg-morning-ground',
  'border-dashed border-caution bg-first-light',
  'border-dotted border-evening bg-evening-ground',
];

/** Evidence in a passage: choose a question, then click the first and the last word. Clicking a mark takes it away. */
export function PassageField({ field, quantities, onChange }: ControlProps) {
  const [question, setQuestion] = useState(0);
  const [first, setFirst] = useState<number | null>(null);
  const marks = (quantities[field.name] ?? []) as Mark[];
  const questions = String(quantities.questions ?? '')
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
  const covers = (mark: Mark, word: number) => mark.from <= word && word <= mark.to;
  const touch = (word: number) => {
    const hit = marks.find((mark) => mark.question === question && covers(mark, word));
    if (hit && first === null) {
      onChange({ [field.name]: marks.filter((mark) => mark !== hit) });
      return;
    }
    if (first === null) {
      setFirst(word);
      return;
    }
    const made = { from: Math.min(first, word), to: Math.max(first, word), question };
    onChange({ [field.name]: [...marks, made].sort((one, other) => one.from - other.from) });
    setFirst(null);
  };
  if (questions.length === 0)
    return <p className="text-small text-quiet">Write a question first, then mark its evidence.</p>;
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 text-small text-quiet">{field.label}</legend>
      <Choice
        label="Evidence for"
        value={String(Math.min(question, questions.length - 1))}
        choices={questions.map((text, index) => ({ value: String(index), label: `${index + 1}. ${text}` }))}
        onChoose={(value) => {
          setQuestion(Number(value));
          setFirst(null);
        }}
      />
      <PassageWords
        passage={String(quantities.passage ?? '')}
        markOf={(word) => {
          if (word === first) return 'border-action bg-action-chosen';
          const mark = marks.find((each) => covers(each, word));
          return mark ? (LOOKS[mark.question % LOOKS.length] ?? '') : '';
        }}
        onWord={touch}
      />
      <p className="text-small text-quiet" role="status">
        {first === null ? field.hint : 'Now click the last word.'}
      </p>
      {marks.length > 0 && (
        <Button look="quiet" className="self-start" onClick={() => onChange({ [field.name]: [] })}>
          Take all marks away
        </Button>
      )}
    </fieldset>
  );
}
