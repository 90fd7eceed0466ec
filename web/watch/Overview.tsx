import { useEffect, useState } from 'react';
import type { LessonOverview } from '../answers.types';
import { clock, day } from '../clock';
import { partLabel } from '../parts';
import { ask, sentence } from '../request';
import { Notice } from '../ui/Notice';

/** What the class is to do and in what order, for a parent or a cover teacher: no names, no answers, a page to print. */
export function Overview({ id }: { id: string }) {
  const [lesson, setLesson] = useState<LessonOverview | null>(null);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    ask<LessonOverview>('GET', `/api/overview/${id}`).then(setLesson, (error) => setTrouble(sentence(error)));
  }, [id]);
  useEffect(() => {
    if (lesson) document.title = lesson.title;
  }, [lesson]);
  if (trouble) {
    return (
      <main className="mx-auto max-w-2xl p-4">
        <Notice tone="trouble">{trouble}</Notice>
      </main>
    );
  }
  if (!lesson) return null;
  const facts = [
    ['To do', lesson.instructions],
    ['By', lesson.due && day(lesson.due, { weekday: 'long', day: 'numeric', month: 'long' })],
    ['Before it', lesson.before],
    ['Have ready', lesson.materials.join(', ')],
    ['In the book', lesson.pages],
    ['Afterwards', lesson.next],
  ].filter(([, text]) => text);
  return (
    <main className="mx-auto max-w-3xl p-4 pb-16">
      {lesson.series && <p className="text-quiet">{lesson.series}</p>}
      <h1 className="text-2xl">{lesson.title}</h1>
      <p className="mt-1 text-lg">
        {Math.max(1, Math.round(lesson.minutes))} minutes to watch, about{' '}
        {Math.max(1, Math.round(lesson.minutesWithTasks))} with its tasks.
      </p>
      <dl className="mt-4 grid grid-cols-[max-content_minmax(0,1fr)] gap-x-4 gap-y-1">
        {facts.map(([label, text]) => (
          <div key={label} className="contents">
            <dt className="text-quiet">{label}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      {lesson.aims.length > 0 && (
        <>
          <h2 className="mt-6 text-lg">By the end the class can</h2>
          <ul className="list-disc pl-6">
            {lesson.aims.map((aim) => (
              <li key={aim}>{aim}</li>
            ))}
          </ul>
        </>
      )}
      <h2 className="mt-6 mb-2 text-lg">In this order</h2>
      <ol className="border-t border-rule">
        {lesson.stops.map((stop, number) => (
          <li key={number} className={`part-${stop.part} flex gap-3 border-b border-rule py-2`}>
            <span className="w-28 shrink-0 text-small font-semibold text-(--strong)">{partLabel(stop.part)}</span>
            <span className="min-w-0 grow">
              {stop.title}
              {stop.tasks.map((task) => (
                <span key={task.prompt} className="mt-1 block border-l-4 border-(--strong) pl-2">
                  The lesson stops for {clock(task.seconds)}
                  {task.prompt && `: ${task.prompt}`}
                </span>
              ))}
            </span>
            <span className="shrink-0 text-quiet tabular-nums">{clock(stop.seconds)}</span>
          </li>
        ))}
      </ol>
      <p className="mt-4 text-small text-quiet">
        Children watch and answer under their own names, with the code of their class. When a child is stuck, hear the
        task together, and let the child try before the lesson goes on.
      </p>
    </main>
  );
}
