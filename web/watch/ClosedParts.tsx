import type { WatchedLesson } from '../answers.types';
import { day } from '../clock';
import { type PartKind, partLabel } from '../parts';
import { Notice } from '../ui/Notice';

/** The day on which each part opens that is closed today. */
export function ClosedParts({ lesson }: { lesson: WatchedLesson }) {
  const later = Object.entries(lesson.closed).flatMap(([part, from]) => (from === null ? [] : [{ part, from }]));
  if (later.length === 0) return null;
  return (
    <Notice>
      {later.map(({ part, from }) => (
        <span key={part} className="block">
          “{partLabel(part as PartKind)}” opens on {day(from, { weekday: 'long', day: 'numeric', month: 'long' })}.
        </span>
      ))}
    </Notice>
  );
}
