import type { QuestionReplies } from '../../answers.types';
import { clock } from '../../clock';
import { Prompt } from './Prompt';

/** How each question went, the hardest first, and last what is no longer asked: what went wrong, by which slip, and with whom. */
export function Questions({ questions }: { questions: QuestionReplies[] }) {
  if (questions.length === 0) {
    return (
      <p className="text-quiet">
        Nothing is asked yet. Questions stand here once students see a version that asks some.
      </p>
    );
  }
  return (
    <div className="flex flex-col gap-4">
      {[...questions]
        .sort(
          (one, other) => Number(other.isAsked) - Number(one.isAsked) || (one.facility ?? 2) - (other.facility ?? 2),
        )
        .map((question) => (
          <QuestionSheet key={question.block} question={question} />
        ))}
    </div>
  );
}

function QuestionSheet({ question }: { question: QuestionReplies }) {
  const went = [
    [question.rightAtOnce, 'right at the first try'],
    [question.rightAfterHint, 'right after the hint'],
    [question.rightLater, 'right when tried again'],
    [question.wrong, 'not yet right'],
    [question.toMark, 'to mark'],
  ].filter(([count]) => count !== 0);
  const hasSlips = question.wrongAnswers.some((wrong) => wrong.slip !== null);
  return (
    <article className="rounded border border-rule bg-sheet p-4">
      <div className="flex items-baseline justify-between gap-4">
        <h3 className="text-base">
          <Prompt question={question} />
        </h3>
        {question.facility !== null && (
          <p className="shrink-0 tabular-nums">
            <span className="text-lg font-semibold">{Math.round(question.facility * 100)}%</span>{' '}
            <span className="text-small text-quiet">of the marks</span>
          </p>
        )}
      </div>
      <p className="mt-1 text-quiet">Answer: {question.answer}</p>
      <p className="mt-2">
        {question.answers.length === 0
          ? 'Nobody has answered yet.'
          : `${went.map(([count, what]) => `${count} ${what}`).join(', ')}.`}
        {question.seconds !== null && ` Half of the class needed ${clock(question.seconds)} or less.`}
      </p>
      {question.discrimination && (
        <p className="mt-1 text-small text-quiet">
          {question.discrimination.sentence} (item–rest correlation {question.discrimination.coefficient.toFixed(2)})
        </p>
      )}
      {question.wrongAnswers.length > 0 && (
        <table className="mt-3 w-full border-collapse">
          <caption className="sr-only">Wrong answers</caption>
          <thead>
            <tr className="text-left text-small text-quiet">
              <th scope="col" className="w-24 font-normal">
                How many
              </th>
              <th scope="col" className="px-3 font-normal">
                Wrote
              </th>
              {hasSlips && (
                <th scope="col" className="px-3 font-normal">
                  What went wrong
                </th>
              )}
              <th scope="col" className="font-normal">
                Who
              </th>
            </tr>
          </thead>
          <tbody>
            {question.wrongAnswers.map((wrong) => (
              <tr key={wrong.answer} className="border-t border-rule align-top">
                <td className="py-1.5 tabular-nums">{wrong.count}</td>
                <td className="px-3 py-1.5">{wrong.answer}</td>
                {hasSlips && <td className="px-3 py-1.5">{wrong.slip}</td>}
                <td className="py-1.5 text-small text-quiet">{wrong.students.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {question.answers.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-10 cursor-pointer py-2 text-action">All answers</summary>
          <ul className="divide-y divide-rule">
            {question.answers.map((reply) => (
              <li key={reply.id} className="flex gap-x-4 py-1.5">
                <span className="w-20 shrink-0">{reply.student}</span>
                <span className="min-w-0 grow">{reply.given}</span>
                <span className="shrink-0 text-small text-quiet">
                  {reply.earned === null ? 'to mark' : `${reply.earned} of ${reply.outOf}`}
                  {reply.hinted && ', with the hint'}
                </span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </article>
  );
}
