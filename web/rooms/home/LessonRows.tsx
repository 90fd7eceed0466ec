import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { HomeAnswer, LessonCard } from '../../answers.types';
import { Strip } from '../../stage/Strip';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Menu, MenuEntry } from '../../ui/Menu';
import { MoveToSeries } from './MoveToSeries';
import { Rename } from './Rename';
import { useShelf } from './useShelf';

interface LessonRowsProps {
  lessons: LessonCard[];
  series: HomeAnswer['series'];
  numbered?: boolean;
  /** Lessons that are found, or put away, stand in no order that could be changed. */
  isInOrder?: boolean;
}

export function LessonRows({ lessons, series, numbered = false, isInOrder = false }: LessonRowsProps) {
  return (
    <ol>
      {lessons.map((lesson, index) => (
        <li
          key={lesson.id}
          className="grid grid-cols-[minmax(14rem,20rem)_1fr_auto] items-center gap-6 border-b border-rule py-4"
        >
          <div className="min-w-0">
            <Link
              to={`/lesson/${lesson.id}/${lesson.slides > 1 ? 'storyboard' : 'plan'}`}
              className="block truncate text-lg text-ink underline-offset-4 hover:text-action hover:underline"
            >
              {numbered && <span className="text-quiet">{index + 1} </span>}
              {lesson.title}
            </Link>
            <p className="text-small text-quiet">{state(lesson)}</p>
          </div>
          <Strip parts={lesson.strip} target={lesson.minutes * 60} small />
          <More
            lesson={lesson}
            series={series}
            canGoEarlier={isInOrder && index > 0}
            canGoLater={isInOrder && index < lessons.length - 1}
          />
        </li>
      ))}
    </ol>
  );
}

interface MoreProps {
  lesson: LessonCard;
  series: HomeAnswer['series'];
  canGoEarlier: boolean;
  canGoLater: boolean;
}

/** What is done rarely, out of the way of the title. */
function More({ lesson, series, canGoEarlier, canGoLater }: MoreProps) {
  const [asked, setAsked] = useState<'delete' | 'rename' | 'series' | null>(null);
  const navigate = useNavigate();
  const shelf = useShelf();
  const close = () => setAsked(null);
  return (
    <>
      <Menu
        align="end"
        button={
          <Button look="quiet" aria-label={`More for ${lesson.title}`}>
            More
          </Button>
        }
      >
        <MenuEntry onSelect={() => navigate(`/lesson/${lesson.id}/record`)}>Record</MenuEntry>
        <MenuEntry onSelect={() => navigate(`/lesson/${lesson.id}/share`)}>Share</MenuEntry>
        <MenuEntry onSelect={() => setAsked('rename')}>Rename…</MenuEntry>
        <MenuEntry onSelect={() => shelf.copy(lesson.id)}>Copy</MenuEntry>
        {canGoEarlier && <MenuEntry onSelect={() => shelf.change(lesson.id, { by: -1 })}>Earlier</MenuEntry>}
        {canGoLater && <MenuEntry onSelect={() => shelf.change(lesson.id, { by: 1 })}>Later</MenuEntry>}
        <MenuEntry onSelect={() => setAsked('series')}>Move to a series…</MenuEntry>
        <MenuEntry onSelect={() => shelf.change(lesson.id, { putAway: !lesson.putAway })}>
          {lesson.putAway ? 'Fetch it again' : 'Put away'}
        </MenuEntry>
        <MenuEntry onSelect={() => setAsked('delete')}>Delete the lesson…</MenuEntry>
      </Menu>
      <Rename
        open={asked === 'rename'}
        onClose={close}
        title={lesson.title}
        label="Title of the lesson"
        onRename={(title) => shelf.change(lesson.id, { title })}
      />
      <MoveToSeries
        open={asked === 'series'}
        onClose={close}
        current={lesson.series}
        series={series}
        onMove={(target) => shelf.change(lesson.id, { series: target })}
      />
      <Confirm
        open={asked === 'delete'}
        onOpenChange={(open) => !open && close()}
        title={`Delete “${lesson.title}”?`}
        consequence="Its slides and recordings go, and the answers of every class that has it."
        action="Delete the lesson"
        onConfirm={() => shelf.remove(lesson.id)}
      />
    </>
  );
}

function state(lesson: LessonCard): string {
  if (lesson.shared.length > 0) return `Shared with ${lesson.shared.join(', ')}`;
  if (lesson.recorded === 0)
    return `${lesson.slides} ${lesson.slides === 1 ? 'slide' : 'slides'}, nothing recorded yet`;
  return `${lesson.recorded} of ${lesson.slides} slides recorded`;
}
