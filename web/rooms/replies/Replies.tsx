import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { QuestionReplies, RepliesAnswer, Reply, StudentReply } from '../../answers.types';
import { ask, sentence } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { RoomLink } from '../lesson/RoomLink';

/** Who did what, which question went wrong and with which answer: a page to act on. */
export function Replies() {
  const desk = useDesk();
  const queries = useQueryClient();
  const replies = useQuery({
    queryKey: ['replies', desk.id],
    queryFn: () => ask<RepliesAnswer>('GET', `/api/lessons/${desk.id}/replies`),
    staleTime: 0,
  });
  const [trouble, attempt] = useTrouble();
  const mark = async (reply: Reply, earned: number) => {
    await attempt(() => ask('PUT', `/api/lessons/${desk.id}/answers/${reply.id}`, { earned }));
    await queries.invalidateQueries({ queryKey: ['replies', desk.id] });
  };
  if (replies.isError) return <Notice tone="trouble">{sentence(replies.error)}</Notice>;
  if (!replies.data) return null;
  if (replies.data.classes.length === 0) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">No class has this lesson yet.</p>
        <RoomLink to="share">Go to the Share room</RoomLink>
      </main>
    );
  }
  return (
    <main className="mx-auto w-full max-w-[84rem] px-6 py-6">
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {replies.data.classes.map((each) => (
        <section key={each.name} aria-label={each.name} className="mb-10">
          <h2 className="mb-4 text-xl">{each.name}</h2>
          <div className="grid grid-cols-1 gap-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
            <div className="flex flex-col gap-4">
              <h3 className="text-lg">Questions, the hardest first</h3>
              {each.questions.length === 0 && (
                <p className="text-quiet">
                  Nothing is asked yet. Questions stand here once students see a version that asks some.
                </p>
              )}
              {[...each.questions]
                .sort((one, other) => other.toMark - one.toMark || (one.facility ?? 2) - (other.facility ?? 2))
                .map((question) => (
                  <QuestionSheet key={question.block} question={question} onMark={mark} />
                ))}
            </div>
            <Students students={each.students} late={isPast(each.due)} />
          </div>
        </section>
      ))}
    </main>
  );
}

/** A day is past when it is over. */
function isPast(day: string | null): boolean {
  return day !== null && day.slice(0, 10) < new Date().toLocaleDateString('sv-SE');
}

/** Who opened it, how far and with which marks. Not having opened it is a trouble only when it is late. */
function Students({ students, late }: { students: StudentReply[]; late: boolean }) {
  const opened = students.filter((student) => student.opened).length;
  const handedIn = students.filter((student) => student.handedIn).length;
  return (
    <div>
      <h3 className="mb-2 text-lg">Students</h3>
      <p className="mb-3">
        {opened} of {students.length} opened it, {handedIn} handed in.
      </p>
      <table className="w-full border-collapse">
        <thead>
          <tr className="text-left text-small text-quiet">
            <th className="py-1 font-normal" scope="col">
              Name
            </th>
            <th className="py-1 font-normal" scope="col">
              Watched
            </th>
            <th className="py-1 text-right font-normal" scope="col">
              Marks
            </th>
            <th className="py-1 text-right font-normal" scope="col">
              Handed in
            </th>
          </tr>
        </thead>
        <tbody>
          {students.map((student) => (
            <tr key={student.name} className="border-t border-rule">
              <th scope="row" className="py-1.5 text-left font-normal">
                {student.name}
              </th>
              <td className="py-1.5">
                {student.opened ? (
                  <span className="flex items-center gap-2">
                    <span className="h-2 w-16 overflow-hidden rounded-full bg-rule" aria-hidden="true">
                      <span className="block h-full bg-action" style={{ width: `${student.share * 100}%` }} />
                    </span>
                    {Math.round(student.share * 100)}%
                  </span>
                ) : (
                  <span className={late ? 'text-recording' : 'text-quiet'}>not opened</span>
                )}
              </td>
              <td className="py-1.5 text-right">{student.outOf > 0 ? `${student.earned} of ${student.outOf}` : ''}</td>
              <td className="py-1.5 text-right">{student.handedIn ? 'yes' : student.opened ? 'not yet' : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function QuestionSheet({
  question,
  onMark,
}: {
  question: QuestionReplies;
  onMark: (reply: Reply, earned: number) => Promise<void>;
}) {
  return (
    <article className="rounded border border-rule bg-sheet p-4">
      <p className="font-semibold">{question.prompt}</p>
      <p className="mt-1 text-quiet">Answer: {question.answer}</p>
      <p className="mt-2">
        {question.answers.length === 0 && 'Nobody has answered yet.'}
        {question.right + question.wrong > 0 && `${question.right} right, ${question.wrong} not yet. `}
        {question.commonest && (
          <strong className="font-semibold text-recording">
            {question.commonest.count} wrote “{question.commonest.answer}”
            {question.commonest.slip && `: ${question.commonest.slip.replace(/\.$/, '')}`}.
          </strong>
        )}
        {question.toMark > 0 && <strong className="font-semibold text-action"> {question.toMark} to mark.</strong>}
      </p>
      {question.answers.length > 0 && (
        <details className="mt-2" open={question.toMark > 0}>
          <summary className="cursor-pointer text-action">All answers</summary>
          <ul className="mt-2 divide-y divide-rule">
            {question.answers.map((reply) => (
              <li key={reply.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 py-2">
                <span className="w-20 shrink-0">{reply.student}</span>
                <span className="min-w-40 grow">
                  {reply.given}
                  {reply.slip && <span className="block text-small text-quiet">{reply.slip}</span>}
                </span>
                {question.readByTeacher ? (
                  <fieldset className="flex gap-1">
                    <legend className="sr-only">Marks for {reply.student}</legend>
                    {Array.from({ length: reply.outOf + 1 }, (_, earned) => (
                      <Button
                        key={earned}
                        look={reply.earned === earned ? 'main' : 'plain'}
                        aria-pressed={reply.earned === earned}
                        className="min-w-10 px-2!"
                        onClick={() => void onMark(reply, earned)}
                      >
                        {earned}
                      </Button>
                    ))}
                  </fieldset>
                ) : (
                  <span className={reply.earned === reply.outOf ? 'text-right' : 'text-recording'}>
                    {reply.earned} of {reply.outOf}
                  </span>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
    </article>
  );
}
