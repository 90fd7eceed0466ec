import { useEffect, useRef, useState } from 'react';
import type { GivenAnswer, PausePoint } from '../answers.types';
import { clock } from '../clock';
import { Button } from '../ui/Button';
import { Answered, AnswerForm } from './AnswerForm';
import { ReadAloud } from './ReadAloud';
import { SeeAnswer } from './SeeAnswer';

interface PauseProps {
  share: string;
  student: string;
  pause: PausePoint;
  /** In which it is asked. */
  language: string;
  answer: GivenAnswer | undefined;
  isLocked: boolean;
  /** Whether what comes next has arrived. */
  isReady: boolean;
  onAnswer: (block: string, answer: GivenAnswer) => void;
  onGoOn: () => void;
}

/** The lesson waits: the question, the time, a hint, the answer. */
export function Pause({ share, student, pause, language, answer, isLocked, isReady, onAnswer, onGoOn }: PauseProps) {
  const [left, setLeft] = useState(pause.seconds);
  const [hasHint, setHint] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  const sheet = useRef<HTMLElement>(null);
  const begun = useRef(Date.now());
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    sheet.current?.scrollIntoView({ block: 'nearest' });
    const timer = setInterval(() => setLeft((before) => Math.max(0, before - 1)), 1000);
    return () => clearInterval(timer);
  }, []);
  const question = pause.question;
  const isDone = question === null || answer !== undefined;
  return (
    <section ref={sheet} className="mt-2 rounded lg:mt-0 border-2 border-action bg-sheet p-4" aria-label="Pause point">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 ref={heading} tabIndex={-1} className="text-lg text-action outline-none">
          {pause.getsUp ? 'Get up and move' : 'Stop and try'}
        </h2>
        <p
          role="timer"
          aria-label={pause.getsUp ? 'Time to move' : 'Time to try'}
          className={pause.getsUp ? 'text-3xl font-semibold tabular-nums' : 'text-lg tabular-nums'}
        >
          {clock(left)}
        </p>
      </div>
      {left === 0 && pause.getsUp && <p className="mb-2">Time to sit down again.</p>}
      {left === 0 && !isDone && <p className="mb-2 text-small text-quiet">The time is up, but take what you need.</p>}
      <p lang={language} className="mb-3 text-lg">
        {pause.prompt}
      </p>
      {pause.prompt && <ReadAloud share={share} block={pause.block} />}
      {question && !isDone && (
        <>
          {hasHint && (
            <p className="mb-3 border-l-4 border-caution-edge bg-caution-ground px-3 py-2">{question.hint}</p>
          )}
          <AnswerForm
            student={student}
            pause={pause}
            start=""
            label="Answer"
            how={() => ({ hinted: hasHint, seconds: Math.round((Date.now() - begun.current) / 1000) })}
            onAnswer={onAnswer}
          />
          {!pause.exitCheck && question.showAfter && (
            <SeeAnswer share={share} block={pause.block} after={question.showAfter} onAnswer={onAnswer} />
          )}
          {question.hint && !hasHint && (
            <Button look="quiet" className="mt-2" onClick={() => setHint(true)}>
              Give me a hint
            </Button>
          )}
        </>
      )}
      {question && answer && (
        <>
          <Answered answer={answer} />
          {pause.exitCheck && !isLocked && (
            <p className="mt-2 text-small text-quiet">
              You can change this answer at the end, before you hand in the exit check.
            </p>
          )}
        </>
      )}
      {isDone && (
        <Button look="main" className="mt-3 min-h-12!" onClick={onGoOn} disabled={!isReady}>
          {isReady ? 'Go on with the lesson' : 'The next part is coming'}
        </Button>
      )}
    </section>
  );
}
