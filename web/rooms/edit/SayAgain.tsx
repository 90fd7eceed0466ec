import { useEffect, useRef, useState } from 'react';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import type { Take } from '../lesson/takes';
import { useLevel } from '../record/microphone';
import { outbox } from '../record/outbox';
import { Recorder } from '../record/Recorder';
import { useLines } from '../record/useLines';
import { PRACTICE, useSource } from '../record/useSource';
import { isIn, type Range } from './ranges';

interface SayAgainProps {
  lesson: string;
  take: Take;
  range: Range;
  onClose: () => void;
  /** The new take has arrived, and is being made ready. */
  onArrived: () => void;
}

/** Records what is marked once more: the take goes on as it was before and after it. */
export function SayAgain({ lesson, take, range, onClose, onArrived }: SayAgainProps) {
  const chosen = useSource();
  const { source } = chosen;
  const level = useLevel(source?.stream ?? null);
  const lines = useLines(lesson, take.slide, source);
  const [recorder, setRecorder] = useState<Recorder | null>(null);
  const [isSending, setSending] = useState(false);
  const working = useRef<Recorder | null>(null);
  const words = take.words
    .filter((word) => !word.isSilence && !word.departure && isIn([range], word))
    .map((word) => word.text)
    .join(' ');
  const arrived = useRef(onArrived);
  arrived.current = onArrived;
  useEffect(
    () =>
      outbox.onFinished((id) => {
        if (id === working.current?.id) arrived.current();
      }),
    [],
  );
  // Whoever closes the sheet, or the page, in the middle does not want it.
  useEffect(() => () => discard(working.current), []);

  const begin = () => {
    if (!source) return;
    const continues = { take: take.id, at: Math.round(range.from), until: Math.round(range.to) };
    const next = new Recorder(outbox, source.stream, lesson, take.slide, source.kind, continues);
    working.current = next;
    setRecorder(next);
    next.start();
    void lines.say(words);
  };
  const use = async () => {
    setSending(true);
    await recorder?.stop();
    void outbox.work();
  };
  const close = () => {
    discard(working.current);
    working.current = null;
    onClose();
  };
  const trouble = chosen.trouble || lines.trouble;
  return (
    <Sheet open onClose={close} title="Say it again">
      <p className="mb-4 rounded border border-rule bg-sheet p-4 text-2xl leading-10">
        {words || 'Say what should be heard here.'}
      </p>
      {!source && (
        <div className="flex flex-wrap gap-3">
          <Button look="main" onClick={() => void chosen.open('default')}>
            Use the microphone
          </Button>
          <Button onClick={() => void chosen.open(PRACTICE)}>Use the practice voice</Button>
        </div>
      )}
      {source && (
        <>
          <meter className="mb-4 block w-full" min={0} max={1} value={level.peak} aria-label="How loud it is" />
          {isSending ? (
            <p role="status">What you said is being put in its place.</p>
          ) : recorder ? (
            <Button look="main" onClick={() => void use()}>
              Stop, and use it
            </Button>
          ) : (
            <Button look="main" onClick={begin}>
              Start recording
            </Button>
          )}
        </>
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </Sheet>
  );
}

/** What is not wanted is neither sent on nor kept. */
function discard(recorder: Recorder | null): void {
  if (recorder?.isRecording) void recorder.stop().then(() => outbox.forget(recorder.id));
}
