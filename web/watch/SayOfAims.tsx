import { useState } from 'react';
import type { AimReached, WatchedLesson } from '../answers.types';
import { useTrouble } from '../trouble';
import { Notice } from '../ui/Notice';
import { useLessonWork } from './kept/work';
import { useLeaving } from './leaving';

const STAGES: { value: AimReached; label: string }[] = [
  { value: 'can', label: 'I can' },
  { value: 'nearly', label: 'nearly' },
  { value: 'not-yet', label: 'not yet' },
];

/** At the end, of each aim: I can, nearly, not yet. */
export function SayOfAims({ lesson }: { lesson: WatchedLesson }) {
  const work = useLessonWork();
  const leaving = useLeaving();
  const [waits, setWaits] = useState('');
  const [said, setSaid] = useState(lesson.visit.aims);
  const [trouble, attempt] = useTrouble();
  if (lesson.aims.length === 0) return null;
  const say = (aim: string, reached: AimReached) => {
    setSaid((before) => ({ ...before, [aim]: reached }));
    void attempt(async () => {
      setSaid((await work.sayOfAims({ [aim]: reached }, { signal: leaving(), onWait: setWaits })).aims);
      setWaits('');
    });
  };
  return (
    <section className="mt-4 rounded border border-rule bg-sheet p-4" aria-label="How it is now">
      <h2 className="text-lg">How is it now?</h2>
      {lesson.aims.map((aim) => (
        <fieldset key={aim.id} className="mt-3">
          <legend className="mb-1">{aim.text}</legend>
          <div className="flex flex-wrap gap-x-5">
            {STAGES.map(({ value, label }) => (
              <label key={value} className="flex min-h-11 items-center gap-2">
                <input
                  type="radio"
                  name={aim.id}
                  className="size-5 accent-action"
                  checked={said[aim.id] === value}
                  onChange={() => say(aim.id, value)}
                />
                {label}
              </label>
            ))}
          </div>
        </fieldset>
      ))}
      {(trouble || waits) && <Notice tone="trouble">{trouble || waits}</Notice>}
    </section>
  );
}
