import type { WatchedLesson } from '../answers.types';
import { day } from '../clock';
import { type PartKind, partLabel } from '../parts';
import { Notice } from '../ui/Notice';

/** What is closed today, and when it opens. */
export function ClosedParts({ lesson }: { lesson: WatchedLesson }) {
  const closed = Object.entries(lesson.closed);
  if (closed.length === 0) return null;
  return (
    <div className="my-3">
      <Notice>
        {closed.map(([part, from]) => (
          <span key={part} className="block">
            “{partLabel(part as PartKind)}”{' '}
            {from === null
              ? 'is not for your class.'
              : `opens on ${day(from, { weekday: 'long', day: 'numeric', month: 'long' })}.`}
          </span>
        ))}
      </Notice>
    </div>
  );
}
