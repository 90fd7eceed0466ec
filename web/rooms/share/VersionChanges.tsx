import type { ShareAnswer } from '../../answers.types';

type Changes = NonNullable<ShareAnswer['changes']>;

const CHANGES: { [Name in 'added' | 'changed' | 'removed']: string } = {
  added: 'New slides',
  changed: 'Changed slides',
  removed: 'Slides that go',
};

const ASKED: Record<Changes['questions'][number]['change'], string> = {
  added: 'is asked now',
  changed: 'is asked otherwise',
  removed: 'is no longer asked',
};

/** What changes for students who have begun, when the lesson is shared as it is now. */
export function VersionChanges({ changes }: { changes: Changes }) {
  const slides = (['added', 'changed', 'removed'] as const).filter((each) => changes[each].length > 0);
  if (slides.length === 0 && changes.questions.length === 0) return null;
  return (
    <details className="mb-3">
      <summary className="min-h-10 cursor-pointer py-1.5 text-action">What changes for students who have begun</summary>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
        {slides.map((each) => (
          <div key={each} className="contents">
            <dt className="text-quiet">{CHANGES[each]}</dt>
            <dd>{changes[each].join(', ')}</dd>
          </div>
        ))}
      </dl>
      <ul className="mt-2 list-disc pl-5">
        {changes.questions.map((question) => (
          <li key={question.prompt}>
            “{question.prompt}” {ASKED[question.change]}
            {question.answered > 0 && `; ${answersOf(question.answered)}`}.
          </li>
        ))}
      </ul>
    </details>
  );
}

function answersOf(count: number): string {
  return count === 1
    ? 'one student has answered it, and the answer stays'
    : `${count} students have answered it, and their answers stay`;
}
