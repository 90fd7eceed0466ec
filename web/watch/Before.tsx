import type { WatchedLesson } from '../answers.types';
import { day } from '../clock';

/** What to know before starting: what to do, what to have ready, what it is for. */
export function Before({ lesson }: { lesson: WatchedLesson }) {
  return (
    <section className="mt-2 rounded border border-rule bg-sheet p-4 lg:mt-0" aria-label="Before you start">
      {lesson.instructions && <p className="mb-3 text-lg">{lesson.instructions}</p>}
      {lesson.letter && (
        <p className="mb-3 border-l-4 border-action px-3">
          You wrote to yourself: <strong className="font-semibold">{lesson.letter}</strong>
        </p>
      )}
      {lesson.before && <p className="mb-2">First: {lesson.before}</p>}
      {lesson.materials.length > 0 && <p className="mb-2">Have ready: {lesson.materials.join(', ')}.</p>}
      {lesson.aims.length > 0 && (
        <>
          <p>By the end you can</p>
          <ul className="list-disc pl-6">
            {lesson.aims.map((aim) => (
              <li key={aim.id}>{aim.text}</li>
            ))}
          </ul>
        </>
      )}
      {lesson.due && (
        <p className="mt-2">To be done by {day(lesson.due, { weekday: 'long', day: 'numeric', month: 'long' })}.</p>
      )}
    </section>
  );
}
