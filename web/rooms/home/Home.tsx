import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { BroughtIn as BroughtInAnswer, HomeAnswer } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useTeacher } from '../sign-in/SignedIn';
import { Wordmark } from '../Wordmark';
import { BringIn } from './BringIn';
import { found } from './found';
import { LessonRows } from './LessonRows';
import { NewLesson } from './NewLesson';
import { SeriesHeading } from './SeriesHeading';
import { ShelfProvider } from './useShelf';

/** From so many lessons on there is a search. */
const MANY = 12;

export function Home() {
  const home = useQuery({ queryKey: ['home'], queryFn: () => ask<HomeAnswer>('GET', '/api/home'), staleTime: 0 });
  const teacher = useTeacher();
  const [isNew, setNew] = useState(false);
  const [broughtIn, setBroughtIn] = useState<{ id: string; findings: string[] } | null>(null);
  const [isBringing, setBringing] = useState(false);
  const navigate = useNavigate();
  const queries = useQueryClient();

  const arrived = async (made: BroughtInAnswer) => {
    setBringing(false);
    if (made.choices > 0) return navigate(`/lesson/${made.id}/brought-in`, { state: made.findings });
    if (made.findings.length === 0) return navigate(`/lesson/${made.id}/plan`);
    setBroughtIn(made);
    await queries.invalidateQueries({ queryKey: ['home'] });
  };
  const signOut = async () => {
    await ask('POST', '/api/sign-out');
    queries.clear();
    navigate('/sign-in');
  };
  const answer = home.data;

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
          <Button onClick={() => setBringing(true)}>Bring in slides or a lesson</Button>
          <Button look="main" onClick={() => setNew(true)}>
            New lesson
          </Button>
        </div>
        {broughtIn && (
          <div className="pt-4">
            <Notice>
              The lesson is here.{' '}
              <Link to={`/lesson/${broughtIn.id}/storyboard`} className="text-action underline">
                Open it
              </Link>
              <ul className="mt-1 max-h-60 list-disc overflow-y-auto pl-5">
                {broughtIn.findings.map((finding) => (
                  <li key={finding}>{finding}</li>
                ))}
              </ul>
            </Notice>
          </div>
        )}
        {home.isError && <Notice tone="trouble">{sentence(home.error)}</Notice>}
        {answer && (
          <ShelfProvider>
            <Lessons answer={answer} onNew={() => setNew(true)} />
          </ShelfProvider>
        )}
      </main>
      <BringIn
        open={isBringing}
        accepts={answer?.accepts ?? []}
        onClose={() => setBringing(false)}
        onArrived={(made) => void arrived(made)}
      />
      <NewLesson open={isNew} onClose={() => setNew(false)} series={answer?.series ?? []} />
    </div>
  );
}

/** What waits, then the lessons by series; while something is looked for, only what is found. */
function Lessons({ answer, onNew }: { answer: HomeAnswer; onNew: () => void }) {
  const [wanted, setWanted] = useState('');
  const shown = [...answer.series.flatMap((each) => each.lessons), ...answer.single];
  const all = [...shown, ...answer.putAway];
  if (all.length === 0) {
    return (
      <div className="py-20 text-center">
        <p className="mb-4 text-lg">A lesson begins with its title and its minutes.</p>
        <Button look="main" onClick={onNew}>
          Plan your first lesson
        </Button>
      </div>
    );
  }
  const hits = wanted.trim() === '' ? null : found(all, answer.series, wanted);
  return (
    <>
      {all.length >= MANY && (
        <div className="max-w-md pt-5">
          <TextField
            label="Find a lesson by a word of its title, its series or its slides"
            type="search"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
          />
        </div>
      )}
      {hits && (
        <section aria-labelledby="found" className="pt-6">
          <h2 id="found" className="mb-1 text-lg" role="status">
            {hits.length === 0
              ? 'No lesson has this word'
              : `${hits.length} ${hits.length === 1 ? 'lesson' : 'lessons'}`}
          </h2>
          <LessonRows lessons={hits} series={answer.series} />
        </section>
      )}
      {!hits && <Waiting waiting={answer.waiting} />}
      {!hits && <BySeries answer={answer} />}
    </>
  );
}

function Waiting({ waiting }: { waiting: HomeAnswer['waiting'] }) {
  if (waiting.length === 0) return null;
  return (
    <section aria-labelledby="waiting" className="pt-6">
      <h2 id="waiting" className="mb-3 text-lg">
        Waiting for you
      </h2>
      <ul className="flex flex-wrap gap-3">
        {waiting.map((each) => (
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
  );
}

function BySeries({ answer }: { answer: HomeAnswer }) {
  const filled = answer.series.filter((each) => each.lessons.length > 0);
  return (
    <>
      {filled.map((each, index) => (
        <section key={each.id} aria-labelledby={`series-${each.id}`} className="pt-8">
          <SeriesHeading series={each} isFirst={index === 0} isLast={index === filled.length - 1} />
          <LessonRows lessons={each.lessons} series={answer.series} numbered isInOrder />
        </section>
      ))}
      {answer.single.length > 0 && (
        <section aria-labelledby="single" className="pt-8">
          <h2 id="single" className="mb-1 text-lg">
            Single lessons
          </h2>
          <LessonRows lessons={answer.single} series={answer.series} isInOrder />
        </section>
      )}
      {answer.putAway.length > 0 && (
        <details className="pt-8">
          <summary className="cursor-pointer text-lg font-semibold">Put away: {answer.putAway.length}</summary>
          <LessonRows lessons={answer.putAway} series={answer.series} />
        </details>
      )}
    </>
  );
}
