import type { StudentShelf } from '../answers.types';
import { day } from '../clock';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { KeepIt, titleOf } from './kept/KeepIt';
import { StillToSend } from './kept/StillToSend';
import { useKept } from './kept/useKept';
import { useUnsent } from './kept/useUnsent';

interface ShelfProps {
  shelf: StudentShelf;
  /** Whether only what is kept can be opened. */
  isOffline: boolean;
  onOpen: (share: string) => void;
  onLeave: () => void;
}

/** The lessons of the class, what is due first. */
export function Shelf({ shelf, isOffline, onOpen, onLeave }: ShelfProps) {
  const keeping = useKept(shelf);
  const unsent = useUnsent(shelf.student);
  return (
    <main>
      <div className="flex items-center justify-between gap-3 py-3">
        <h1 className="text-2xl">Hello, {shelf.name}</h1>
        <Button look="quiet" onClick={onLeave}>
          Leave
        </Button>
      </div>
      <StillToSend {...unsent} />
      {keeping.trouble && <Notice tone="trouble">{keeping.trouble}</Notice>}
      {shelf.lessons.length === 0 && (
        <p>There is no lesson for {shelf.class} yet. Come back when your teacher has shared one.</p>
      )}
      {inSeries(shelf.lessons).map(({ series, lessons }) => (
        <section key={lessons[0]?.id} className="mb-6">
          {series && <h2 className="mb-2 text-lg">{series}</h2>}
          <ul className="flex flex-col gap-3">
            {lessons.map((lesson) => (
              <li key={lesson.id}>
                <OneLesson
                  lesson={lesson}
                  isNext={lesson === lessons.find(isOpen)}
                  canOpen={!isOffline || keeping.kept.some((kept) => kept.share === lesson.id)}
                  onOpen={() => onOpen(lesson.id)}
                />
                <KeepIt lesson={lesson} keeping={keeping} isOffline={isOffline} />
              </li>
            ))}
          </ul>
        </section>
      ))}
    </main>
  );
}

type Lesson = StudentShelf['lessons'][number];

/** A lesson counts as watched shortly before its end. */
const WATCHED = 0.98;

function isOpen(lesson: Lesson): boolean {
  return !lesson.handedIn && lesson.watched < WATCHED;
}

/** Lessons as they come, those of one series together. */
function inSeries(lessons: Lesson[]): { series: string | null; lessons: Lesson[] }[] {
  const groups: { series: string | null; lessons: Lesson[] }[] = [];
  for (const lesson of lessons) {
    const last = groups[groups.length - 1];
    if (last && lesson.series !== null && last.series === lesson.series) last.lessons.push(lesson);
    else groups.push({ series: lesson.series, lessons: [lesson] });
  }
  return groups;
}

interface OneLessonProps {
  lesson: Lesson;
  /** Whether it is what comes next in its series. */
  isNext: boolean;
  canOpen: boolean;
  onOpen: () => void;
}

function stateOf(lesson: Lesson): string {
  if (lesson.handedIn) return 'handed in';
  if (!isOpen(lesson)) return 'watched';
  if (!lesson.begun) return '';
  const percent = Math.round(lesson.watched * 100);
  return percent > 0 ? `begun, ${percent}% watched` : 'begun';
}

function OneLesson({ lesson, isNext, canOpen, onOpen }: OneLessonProps) {
  return (
    <button
      type="button"
      onClick={onOpen}
      disabled={!canOpen}
      className={`block w-full rounded border bg-sheet p-4 text-left hover:border-action disabled:opacity-60 ${isNext ? 'border-2 border-action' : 'border-edge'}`}
    >
      <span id={titleOf(lesson.id)} className="block text-lg font-semibold">
        {lesson.title}
      </span>
      <span className="block text-small text-quiet">
        {[
          lesson.minutes < 1.5 ? '1 minute' : `${Math.round(lesson.minutes)} minutes`,
          lesson.due ? `by ${day(lesson.due, { weekday: 'long', day: 'numeric', month: 'long' })}` : '',
          stateOf(lesson),
          lesson.fromTeacher ? 'your teacher wrote to you' : '',
        ]
          .filter(Boolean)
          .join(', ')}
      </span>
      {isNext && (
        <span className="mt-1 block font-semibold text-action">{lesson.begun ? 'Go on with this' : 'Next'}</span>
      )}
    </button>
  );
}
