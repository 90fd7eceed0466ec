import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import type { QuestionReplies, Reply } from '../../answers.types';
import { HeardOrSeen } from '../../questions/HeardOrSeen';
import { Button } from '../../ui/Button';
import { TextArea, Tick } from '../../ui/Field';
import { type Given, givenByKey, givenByPoint, isMarked, nextToMark, type Row, rowsOf, takenBack } from './marking';
import { Prompt } from './Prompt';

export type GiveMarks = (ids: string[], given: Given) => Promise<void>;

const ALIKE = {
  blank: 'no word in it',
  same: 'the same words',
  alike: 'nearly the same words',
  single: '',
};

/** All answers to one question under one another, marked with the figure keys; what is alike is marked at once. */
export function MarkAnswers({ question, onGive }: { question: QuestionReplies; onGive: GiveMarks }) {
  const rows = rowsOf(question);
  const [at, setAt] = useState(() => Math.max(0, nextToMark(rows, -1)));
  const [done, setDone] = useState<ReturnType<typeof takenBack>[]>([]);
  const list = useRef<HTMLOListElement>(null);
  const go = (to: number) => {
    const number = Math.min(rows.length - 1, Math.max(0, to));
    setAt(number);
    list.current?.querySelectorAll<HTMLElement>('[data-row]')[number]?.focus();
  };
  const give = async (row: Row, given: Given) => {
    setDone((before) => [...before, takenBack(row)]);
    await onGive(
      row.replies.map((reply) => reply.id),
      given,
    );
  };
  const takeBack = async () => {
    const last = done[done.length - 1];
    if (!last) return;
    setDone((before) => before.slice(0, -1));
    for (const { ids, given } of last) await onGive(ids, given);
  };
  const press = (event: KeyboardEvent) => {
    if (event.target instanceof HTMLTextAreaElement || event.ctrlKey || event.metaKey || event.altKey) return;
    const row = rows[at];
    const given = row && givenByKey(event.key, question, row);
    if (row && given) {
      event.preventDefault();
      void give(row, given);
      if (question.markPoints.length === 0) go(nextToMark(rows, at));
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      go(at + (event.key === 'ArrowDown' ? 1 : -1));
    } else if (event.key === 'Enter' && event.target instanceof HTMLLIElement) {
      event.preventDefault();
      go(nextToMark(rows, at));
    } else if (event.key === 'Backspace') {
      event.preventDefault();
      void takeBack();
    }
  };
  const said = [...new Set(question.answers.flatMap((reply) => reply.remark || []))];
  return (
    <section aria-label={question.prompt}>
      <h3 className="text-lg">
        <Prompt question={question} />
      </h3>
      <p className="mt-1 text-quiet">Answer: {question.answer}</p>
      <div className="my-3 flex flex-wrap items-center gap-x-5 gap-y-2">
        <p className="grow text-small text-quiet">
          {question.markPoints.length > 0
            ? 'A figure key gives a mark or takes it back, 0 gives none, Enter goes on.'
            : `A figure key from 0 to ${question.marks} gives the marks and goes on.`}{' '}
          Arrow keys move, Backspace takes the last mark back.
          {rows.some((row) => row.likeness === 'alike') &&
            ' Nearly the same are answers that share three fifths of all runs of three words.'}
        </p>
        <Button disabled={done.length === 0} onClick={() => void takeBack()}>
          Take back the last mark
        </Button>
      </div>
      <ol ref={list} onKeyDown={press} className="flex flex-col gap-2">
        {rows.map((row, number) => (
          <RowToMark
            key={row.replies[0]?.id ?? number}
            question={question}
            row={row}
            isHere={number === at}
            said={said}
            onHere={() => setAt(number)}
            onGive={(given) => void give(row, given)}
          />
        ))}
      </ol>
    </section>
  );
}

interface RowToMarkProps {
  question: QuestionReplies;
  row: Row;
  isHere: boolean;
  /** Words that were said to other answers. */
  said: string[];
  onHere: () => void;
  onGive: (given: Given) => void;
}

function RowToMark({ question, row, isHere, said, onHere, onGive }: RowToMarkProps) {
  const first = row.replies[0];
  if (!first) return null;
  const names = row.replies.map((reply) => reply.student);
  const texts = [...new Set(row.replies.map((reply) => reply.given))];
  return (
    <li
      data-row
      tabIndex={isHere ? 0 : -1}
      aria-label={`${names.join(', ')}: ${isMarked(row) ? `${first.earned} of ${first.outOf}` : 'to mark'}`}
      onFocus={onHere}
      className={`rounded border p-3 ${isHere ? 'border-action bg-sheet' : 'border-rule bg-sheet'}`}
    >
      <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
        <div className="min-w-56 grow basis-0">
          <p className="text-small text-quiet">
            {names.join(', ')}
            {row.likeness !== 'single' && <strong className="font-semibold text-ink">: {ALIKE[row.likeness]}</strong>}
          </p>
          {row.replies.map(
            (reply) => reply.file && <HeardOrSeen key={reply.id} address={reply.file} answered={reply.given} />,
          )}
          {texts.map((text) => (
            <p key={text} className="mt-0.5 break-words">
              {text}
            </p>
          ))}
          {first.earlier.map((try_, number) => (
            <p key={number} className="mt-1 text-small text-quiet">
              Before: {try_.given} {try_.remark && `(you wrote: ${try_.remark})`}
            </p>
          ))}
        </div>
        {question.markPoints.length > 0 ? (
          <MarkPoints question={question} row={row} onGive={onGive} />
        ) : (
          <fieldset className="flex shrink-0 gap-1">
            <legend className="sr-only">Marks for {names.join(', ')}</legend>
            {Array.from({ length: first.outOf + 1 }, (_, earned) => (
              <Button
                key={earned}
                tabIndex={isHere ? 0 : -1}
                look={first.earned === earned ? 'main' : 'plain'}
                aria-pressed={first.earned === earned}
                className="min-w-10 px-2!"
                onClick={() => onGive({ earned })}
              >
                {earned}
              </Button>
            ))}
          </fieldset>
        )}
      </div>
      {isHere ? (
        <Words key={first.id} reply={first} said={said} onGive={onGive} />
      ) : (
        (first.remark || first.again || first.forClass) && (
          <p className="mt-1 text-small">
            {first.remark && `You wrote: ${first.remark}`} {first.again && 'May be tried again.'}{' '}
            {first.forClass && 'The class may read it.'}
          </p>
        )
      )}
    </li>
  );
}

function MarkPoints({
  question,
  row,
  onGive,
}: {
  question: QuestionReplies;
  row: Row;
  onGive: (given: Given) => void;
}) {
  const first = row.replies[0];
  return (
    <fieldset className="flex max-w-md basis-80 flex-col gap-1">
      <legend className="mb-1 text-small text-quiet">
        {first?.earned === null ? 'Not marked yet' : `${first?.earned} of ${first?.outOf}`}
      </legend>
      {question.markPoints.map((point, number) => {
        const has = first?.points.includes(point.id) ?? false;
        return (
          <Button
            key={point.id}
            look={has ? 'main' : 'plain'}
            aria-pressed={has}
            className="justify-start! text-left whitespace-normal!"
            onClick={() => onGive(givenByPoint(point.id, question, row))}
          >
            <span className="w-5 shrink-0 tabular-nums">{number + 1}</span> {point.text}
          </Button>
        );
      })}
    </fieldset>
  );
}

/** Words for the student, those that were said to others a press away. */
function Words({ reply, said, onGive }: { reply: Reply; said: string[]; onGive: (given: Given) => void }) {
  const remark = reply.remark ?? '';
  const [text, setText] = useState(remark);
  useEffect(() => setText(remark), [remark]);
  const keep = () => text.trim() !== remark && onGive({ remark: text.trim() || null });
  const others = said.filter((each) => each !== text).slice(0, 4);
  return (
    <div className="mt-2 grid gap-x-5 gap-y-1 md:grid-cols-[minmax(0,1fr)_auto]">
      <TextArea
        label="Your words for the student"
        value={text}
        maxLength={1000}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
      />
      <div className="self-end">
        <Tick label="May be tried again" checked={reply.again} onChange={(again) => onGive({ again })} />
        {!reply.file && (
          <Tick
            label="The class may read it, without a name"
            checked={reply.forClass}
            onChange={(forClass) => onGive({ forClass })}
          />
        )}
      </div>
      {others.length > 0 && (
        <p className="flex flex-wrap items-center gap-2 md:col-span-2">
          <span className="text-small text-quiet">Say the same:</span>
          {others.map((each) => (
            <Button
              key={each}
              className="max-w-80 justify-start! overflow-hidden text-small! text-ellipsis"
              onClick={() => onGive({ remark: each })}
            >
              {each}
            </Button>
          ))}
        </p>
      )}
    </div>
  );
}
