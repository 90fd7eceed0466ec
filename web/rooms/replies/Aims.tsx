import type { AimReached, AimReplies } from '../../answers.types';

const STAGES: { reached: AimReached; label: string; rule: string }[] = [
  { reached: 'can', label: 'Can', rule: 'four fifths of the marks or more' },
  { reached: 'nearly', label: 'Nearly', rule: 'half of the marks or more' },
  { reached: 'not-yet', label: 'Not yet', rule: 'less than half' },
];

/** Of each aim, who can, nearly and not yet, by their marks; and beside it what they say of themselves. */
export function Aims({ aims }: { aims: AimReplies[] }) {
  if (aims.length === 0) {
    return <p className="text-quiet">This lesson has no aims yet. Write them in the Plan room.</p>;
  }
  return (
    <div className="flex flex-col gap-4">
      {aims.map((aim) => (
        <article key={aim.id} className="rounded border border-rule bg-sheet p-4">
          <h3 className="text-base">{aim.text}</h3>
          {aim.questions === 0 ? (
            <p className="mt-1 text-quiet">No question serves this aim, so nobody’s marks say anything about it.</p>
          ) : (
            <p className="mt-1 text-quiet">
              {aim.questions} {aim.questions === 1 ? 'question serves' : 'questions serve'} it
              {aim.facility !== null && `; the class earned ${Math.round(aim.facility * 100)}% of the marks`}.
            </p>
          )}
          <dl className="mt-3 grid gap-3 sm:grid-cols-3">
            {STAGES.map(({ reached, label, rule }) => (
              <div key={reached}>
                <dt className="font-semibold" title={rule}>
                  {label} <span className="text-small font-normal text-quiet">{rule}</span>
                </dt>
                <dd>{names(aim, (student) => student.reached === reached)}</dd>
                <dd className="mt-1 text-small text-quiet">
                  Say so of themselves: {names(aim, (student) => student.says === reached)}
                </dd>
              </div>
            ))}
          </dl>
          <Unlike aim={aim} />
        </article>
      ))}
    </div>
  );
}

/** Who thinks more, or less, of themselves than their marks say: somebody to talk to. */
function Unlike({ aim }: { aim: AimReplies }) {
  const over = names(aim, ({ says, reached }) => says === 'can' && reached === 'not-yet');
  const under = names(aim, ({ says, reached }) => says === 'not-yet' && reached === 'can');
  return (
    <>
      {over !== NOBODY && <p className="mt-2">Say they can, and their marks do not yet: {over}.</p>}
      {under !== NOBODY && <p className="mt-2">Can, and do not know it: {under}.</p>}
    </>
  );
}

const NOBODY = 'nobody';

function names(aim: AimReplies, is: (student: AimReplies['students'][number]) => boolean): string {
  return (
    aim.students
      .filter(is)
      .map((student) => student.name)
      .join(', ') || NOBODY
  );
}
