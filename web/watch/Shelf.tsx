import type { StudentShelf } from '../answers.types';
import { day } from '../clock';
import { Button } from '../ui/Button';

/** The lessons of the class, what is due first. */
export function Shelf({
  shelf,
  onOpen,
  onLeave,
}: {
  shelf: StudentShelf;
  onOpen: (share: string) => void;
  onLeave: () => void;
}) {
  return (
    <main>
      <div className="flex items-center justify-between gap-3 py-3">
        <h1 className="text-2xl">Hello, {shelf.name}</h1>
        <Button look="quiet" onClick={onLeave}>
          Leave
        </Button>
      </div>
      {shelf.lessons.length === 0 && (
        <p>There is no lesson for {shelf.class} yet. Come back when your teacher has shared one.</p>
      )}
      <ul className="flex flex-col gap-3">
        {shelf.lessons.map((lesson) => (
          <li key={lesson.id}>
            <button
              type="button"
              onClick={() => onOpen(lesson.id)}
              className="block w-full rounded border border-edge bg-sheet p-4 text-left hover:border-action"
            >
              {lesson.series && <span className="block text-small text-quiet">{lesson.series}</span>}
              <span className="block text-lg font-semibold">{lesson.title}</span>
              <span className="block text-small text-quiet">
                {[
                  `${Math.max(1, Math.round(lesson.minutes))} minutes`,
                  lesson.due ? `by ${day(lesson.due, { weekday: 'long', day: 'numeric', month: 'long' })}` : '',
                  lesson.handedIn ? 'handed in' : lesson.begun ? 'begun' : '',
                  lesson.fromTeacher ? 'your teacher wrote to you' : '',
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </main>
  );
}
