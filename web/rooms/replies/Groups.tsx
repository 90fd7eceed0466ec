import type { ClassReplies } from '../../answers.types';
import { Button } from '../../ui/Button';

/** Who made the same slip, with a set of questions for them. */
export function Groups({ groups }: { groups: ClassReplies['groups'] }) {
  if (groups.length === 0) {
    return (
      <p className="text-quiet">
        No known slip was made. Give a question the wrong answers that you expect, with what goes wrong: who gives one
        of them stands here.
      </p>
    );
  }
  return (
    <ul className="flex flex-col gap-4">
      {groups.map((group) => (
        <li key={group.slip} className="rounded border border-rule bg-sheet p-4">
          <h3 className="text-base">{group.slip}</h3>
          <p className="text-small text-quiet">Asked: {group.prompt}</p>
          <p className="mt-2">{group.students.join(', ')}</p>
          {group.items.length > 0 && <PracticeSet items={group.items} />}
        </li>
      ))}
    </ul>
  );
}

/** The questions on a sheet, their answers apart: what is open is what is printed. */
function PracticeSet({ items }: { items: ClassReplies['groups'][number]['items'] }) {
  return (
    <>
      <details className="printed mt-2">
        <summary className="min-h-10 cursor-pointer py-2 text-action">
          Practice for this group, {items.length === 1 ? 'one question' : `${items.length} questions`}
        </summary>
        <ol className="list-decimal pl-6">
          {items.map((item) => (
            <li key={item.text} className="mb-3">
              {item.text}
            </li>
          ))}
        </ol>
        <Button className="unprinted" onClick={() => window.print()}>
          Print these questions
        </Button>
      </details>
      <details>
        <summary className="min-h-10 cursor-pointer py-2 text-action">Answers</summary>
        <ol className="list-decimal pl-6">
          {items.map((item) => (
            <li key={item.text}>{item.answer}</li>
          ))}
        </ol>
      </details>
    </>
  );
}
