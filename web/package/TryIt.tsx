import { useEffect, useRef, useState } from 'react';
import type { PausePoint } from '../answers.types';
import { clock } from '../clock';
import { answeringOf } from '../questions/answers';
import { Button } from '../ui/Button';
import { judged, type KnownAnswer, type Tried } from './packaged';

interface TryItProps {
  pause: PausePoint;
  known: KnownAnswer | undefined;
  tried: Tried[string] | undefined;
  onTried: (tried: Tried[string]) => void;
  onGoOn: () => void;
}

/** The lesson waits until the student has tried; then the answer is shown, and compared where only a reader can judge. */
export function TryIt({ pause, known, tried, onTried, onGoOn }: TryItProps) {
  const [given, setGiven] = useState(tried?.given ?? '');
  const [left, setLeft] = useState(pause.seconds);
  const [hasHint, setHint] = useState(false);
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    const timer = setInterval(() => setLeft((before) => Math.max(0, before - 1)), 1000);
    return () => clearInterval(timer);
  }, []);
  const question = pause.question;
  const Answering = question ? answeringOf(question) : null;
  return (
    <section className="rounded border-2 border-action bg-sheet p-4" aria-label="Pause point">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 ref={heading} tabIndex={-1} className="text-lg text-action outline-none">
          Stop and try
        </h2>
        <p role="timer" aria-label="Time to try" className="text-lg tabular-nums">
          {clock(left)}
        </p>
      </div>
      <p className="mb-3 text-lg">{pause.prompt}</p>
      {question && Answering && !tried && (
        <div className="flex flex-col items-start gap-3">
          <Answering question={question} prompt={pause.prompt} given={given} onWrite={setGiven} />
          {hasHint && <p className="border-l-4 border-caution-edge bg-caution-ground px-3 py-2">{question.hint}</p>}
          <Button
            look="main"
            className="min-h-12!"
            disabled={given.trim() === ''}
            onClick={() => onTried({ given, isRight: judged(known, given) })}
          >
            Show the answer
          </Button>
          {question.hint && !hasHint && (
            <Button look="quiet" onClick={() => setHint(true)}>
              Give me a hint
            </Button>
          )}
        </div>
      )}
      {tried && <Compared known={known} tried={tried} onTried={onTried} />}
      {(!question || tried) && (
        <Button look="main" className="mt-3 min-h-12!" onClick={onGoOn}>
          Go on with the lesson
        </Button>
      )}
    </section>
  );
}

function Compared({
  known,
  tried,
  onTried,
}: {
  known: KnownAnswer | undefined;
  tried: Tried[string];
  onTried: (tried: Tried[string]) => void;
}) {
  return (
    <div role="status" className="border-l-4 border-action px-3 py-1">
      {known?.right && <p>{tried.isRight ? 'That is right.' : 'Not yet.'}</p>}
      <p>
        Answer: <strong className="font-semibold">{known?.model}</strong>
      </p>
      {!known?.right && (
        <fieldset className="mt-2 flex flex-wrap items-center gap-2">
          <legend className="sr-only">Compare your answer</legend>
          <span>Compare:</span>
          {[true, false].map((isRight) => (
            <Button
              key={String(isRight)}
              look={tried.isRight === isRight ? 'main' : 'plain'}
              aria-pressed={tried.isRight === isRight}
              onClick={() => onTried({ ...tried, isRight })}
            >
              {isRight ? 'I had it right' : 'Not yet'}
            </Button>
          ))}
        </fieldset>
      )}
    </div>
  );
}
