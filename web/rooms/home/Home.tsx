import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ChangeEvent, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { BroughtIn, HomeAnswer, LessonCard } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Strip } from '../../stage/Strip';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Menu, MenuEntry } from '../../ui/Menu';
import { Notice } from '../../ui/Notice';
import { useTeacher } from '../sign-in/SignedIn';
import { Wordmark } from '../Wordmark';
import { NewLesson } from './NewLesson';

const ROOMS = [
  ['plan', 'Open its Plan'],
  ['record', 'Open its Record room'],
  ['share', 'Open its Share room'],
];

export function Home() {
  const home = useQuery({ queryKey: ['home'], queryFn: () => ask<HomeAnswer>('GET', '/api/home'), staleTime: 0 });
  const teacher = useTeacher();
  const [isNew, setNew] = useState(false);
  const [broughtIn, setBroughtIn] = useState<{ id: string; findings: string[] } | null>(null);
  const [trouble, attempt] = useTrouble();
  const navigate = useNavigate();
  const queries = useQueryClient();

  const bringIn = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = '';
    if (!file) return;
    const form = new FormData();
    form.append('file', file);
    await attempt(async () => {
      const made = await ask<BroughtIn>('POST', '/api/lessons/import', form);
      if (made.findings.length === 0) return navigate(`/lesson/${made.id}/plan`);
      setBroughtIn(made);
      await queries.invalidateQueries({ queryKey: ['home'] });
    });
  };
  const remove = async (lesson: LessonCard) => {
    await attempt(() => ask('DELETE', `/api/lessons/${lesson.id}`));
    await queries.invalidateQueries({ queryKey: ['home'] });
  };
  const signOut = async () => {
    await ask('POST', '/api/sign-out');
    queries.clear();
    navigate('/sign-in');
  };
  const answer = home.data;
  const isEmpty = answer?.series.every((each) => each.lessons.length === 0) && answer.single.length === 0;

  return (
    <div className="mx-auto max-w-6xl px-6 pb-16">
      <header className="flex flex-wrap items-center gap-4 py-5">
        <Wordmark />
        <nav className="ml-auto flex items-center gap-2" aria-label="Main">
          <Link to="/account" className="px-3 py-2 text-action underline-offset-4 hover:underline">
            Name and password
          </Link>
          <Link to="/classes" className="px-3 py-2 text-action underline-offset-4 hover:underline">
            Classes
          </Link>
          <Button look="quiet" onClick={signOut}>
            Sign out{teacher.data ? `, ${teacher.data.name}` : ''}
          </Button>
        </nav>
      </header>
      <main>
        <div className="flex flex-wrap items-end gap-3 border-b border-rule pb-5">
          <h1 className="mr-auto text-3xl">Your lessons</h1>
          <label className="inline-flex min-h-10 cursor-pointer items-center rounded border border-edge bg-sheet px-3.5 hover:border-action hover:text-action focus-within:outline-3 focus-within:outline-action">
            Bring in a lesson file
            <input type="file" accept={answer?.accepts.join() ?? ''} className="sr-only" onChange={bringIn} />
          </label>
          <Button look="main" onClick={() => setNew(true)}>
            New lesson
          </Button>
        </div>
        {trouble && (
          <div className="pt-4">
            <Notice tone="trouble">{trouble}</Notice>
          </div>
        )}
        {broughtIn && (
          <div className="flex flex-col gap-2 pt-4">
            <Notice>
              The lesson is here. {broughtIn.findings.join(' ')}{' '}
              <Link to={`/lesson/${broughtIn.id}/plan`} className="text-action underline">
                Open it
              </Link>
            </Notice>
          </div>
        )}
        {home.isError && <Notice tone="trouble">{sentence(home.error)}</Notice>}
        {isEmpty && (
          <div className="py-20 text-center">
            <p className="mb-4 text-lg">A lesson begins with its title and its minutes.</p>
            <Button look="main" onClick={() => setNew(true)}>
              Plan your first lesson
            </Button>
          </div>
        )}
        {answer && answer.waiting.length > 0 && (
          <section aria-labelledby="waiting" className="pt-6">
            <h2 id="waiting" className="mb-3 text-lg">
              Waiting for you
            </h2>
            <ul className="flex flex-wrap gap-3">
              {answer.waiting.map((each) => (
                <li key={each.lesson + each.sentence}>
                  <Link
                    to={`/lesson/${each.lesson}/${each.room}`}
                    className="block rounded border border-edge bg-sheet px-4 py-2.5 hover:border-action"
                  >
                    <span className="block text-action">{each.sentence}</span>
                    <span className="block text-small text-quiet">{each.title}</span>
                  </Link>
                </li>
              ))}
            </ul>
          </section>
        )}
        {answer?.series
          .filter((each) => each.lessons.length > 0)
          .map((each) => (
            <section key={each.id} aria-labelledby={`series-${each.id}`} className="pt-8">
              <h2 id={`series-${each.id}`} className="mb-1 text-lg">
                {each.title}
              </h2>
              <Rows lessons={each.lessons} onDelete={remove} numbered />
            </section>
          ))}
        {answer && answer.single.length > 0 && (
          <section aria-labelledby="single" className="pt-8">
            <h2 id="single" className="mb-1 text-lg">
              Single lessons
            </h2>
            <Rows lessons={answer.single} onDelete={remove} />
          </section>
        )}
      </main>
      <NewLesson open={isNew} onClose={() => setNew(false)} series={answer?.series ?? []} />
    </div>
  );
}

interface RowsProps {
  lessons: LessonCard[];
  numbered?: boolean;
  onDelete: (lesson: LessonCard) => void;
}

function Rows({ lessons, numbered = false, onDelete }: RowsProps) {
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
          <More lesson={lesson} onDelete={onDelete} />
        </li>
      ))}
    </ol>
  );
}

/** What is done rarely, out of the way of the title. */
function More({ lesson, onDelete }: { lesson: LessonCard; onDelete: (lesson: LessonCard) => void }) {
  const [isAsking, setAsking] = useState(false);
  const navigate = useNavigate();
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
        {ROOMS.map(([room, label]) => (
          <MenuEntry key={room} onSelect={() => navigate(`/lesson/${lesson.id}/${room}`)}>
            {label}
          </MenuEntry>
        ))}
        <MenuEntry onSelect={() => setAsking(true)}>Delete the lesson…</MenuEntry>
      </Menu>
      <Confirm
        open={isAsking}
        onOpenChange={setAsking}
        title={`Delete “${lesson.title}”?`}
        consequence="Its slides and recordings go, and the answers of every class that has it."
        action="Delete the lesson"
        onConfirm={() => onDelete(lesson)}
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
