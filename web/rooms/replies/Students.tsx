import type { ClassReplies, StudentReply } from '../../answers.types';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';

/** Who opened it, how far and with which marks, in this lesson and the others of its series. */
export function Students({ replies, isLate }: { replies: ClassReplies; isLate: boolean }) {
  const { students } = replies;
  const unopened = students.filter((student) => !student.opened);
  const lessons = students[0]?.series.map((lesson) => lesson.title) ?? [];
  return (
    <>
      {unopened.length > 0 && <Unopened replies={replies} names={unopened.map((student) => student.name)} />}
      <div className="overflow-x-auto">
        <table className="w-full border-collapse">
          <thead>
            <tr className="text-left text-small text-quiet">
              <Head>Name</Head>
              <Head>Watched</Head>
              <Head>Marks</Head>
              <Head>Handed in</Head>
              {lessons.map((title, number) => (
                <Head key={number}>{title}</Head>
              ))}
              <Head>To say</Head>
            </tr>
          </thead>
          <tbody>
            {students.map((student) => (
              <tr key={student.id} className="border-t border-rule align-top">
                <th scope="row" className="py-2 pr-4 text-left font-normal">
                  {student.name}
                </th>
                <td className="py-2 pr-4">
                  <Watched student={student} isLate={isLate} />
                </td>
                <td className="py-2 pr-4 tabular-nums">
                  {[marks(student), student.toMark > 0 && `${student.toMark} to mark`].filter(Boolean).join(', ')}
                </td>
                <td className="py-2 pr-4">{student.handedIn ? 'yes' : student.opened ? 'not yet' : ''}</td>
                {student.series.map((lesson, number) => (
                  <td key={number} className="py-2 pr-4 tabular-nums">
                    {lesson.opened ? marks(lesson) || 'opened' : <span className="text-quiet">not opened</span>}
                  </td>
                ))}
                <td className="py-2">
                  {toSay(student)}
                  {student.notes.map((note) => (
                    <p key={note.at} className="text-small text-quiet">
                      {note.kind === 'letter' ? 'To themselves' : `Notes at ${clock(note.at / 1000)}`}: {note.text}
                    </p>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

function Head({ children }: { children: string }) {
  return (
    <th className="max-w-40 py-1 pr-4 align-bottom font-normal" scope="col">
      {children}
    </th>
  );
}

function Watched({ student, isLate }: { student: StudentReply; isLate: boolean }) {
  if (!student.opened) return <span className={isLate ? 'text-recording' : 'text-quiet'}>not opened</span>;
  return (
    <span className="flex items-center gap-2">
      <span className="h-2 w-16 overflow-hidden rounded-full bg-rule" aria-hidden="true">
        <span className="block h-full bg-action" style={{ width: `${student.share * 100}%` }} />
      </span>
      {Math.round(student.share * 100)}%
    </span>
  );
}

/** Those who have not opened it, with what to send them. */
function Unopened({ replies, names }: { replies: ClassReplies; names: string[] }) {
  const link = `${location.origin}/w/${replies.id}`;
  return (
    <div className="mb-5 flex flex-wrap items-center gap-x-4 gap-y-2 rounded border border-rule bg-sheet p-3">
      <p className="min-w-64 grow basis-0">
        {names.length === 1 ? 'Has' : 'Have'} not opened it: {names.join(', ')}.
      </p>
      <Button onClick={() => void navigator.clipboard.writeText(`${link} (class code ${replies.code})`)}>
        Copy the link for them
      </Button>
    </div>
  );
}

function marks({ earned, outOf }: { earned: number; outOf: number }): string {
  return outOf > 0 ? `${earned} of ${outOf}` : '';
}

/** A marks’ share from which a lesson went well, and under which it is worth a talk (as for aims). */
const WELL = 0.8;
const POORLY = 0.5;

function toSay(student: StudentReply): string {
  if (!student.opened) return 'Ask whether the link works for them.';
  const share = student.outOf > 0 ? student.earned / student.outOf : null;
  if (!student.handedIn) return `Stopped at ${Math.round(student.share * 100)}%: ask what held them up.`;
  if (share === null) return '';
  if (share < POORLY) return 'Go through one question together.';
  return share >= WELL ? 'Well done: give the harder practice.' : 'Look again at what went wrong.';
}
