import { type FormEvent, useState } from 'react';
import type { GivenAnswer, PausePoint } from '../answers.types';
import { answeringOf } from '../questions/answers';
import { HeardOrSeen } from '../questions/HeardOrSeen';
import { sentence } from '../request';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { useAskedSlide } from './askedSlide';
import { useDraft } from './draft';
import { useLessonWork } from './kept/work';
import { useLeaving } from './leaving';

interface AnswerFormProps {
  student: string;
  pause: PausePoint;
  start: string;
  label: string;
  /** How it came about, asked for when it is given. */
  how?: () => { hinted: boolean; seconds: number };
  onAnswer: (block: string, answer: GivenAnswer) => void;
}

/** Answers one question, in the way of its kind. */
export function AnswerForm({ student, pause, start, label, how, onAnswer }: AnswerFormProps) {
  const work = useLessonWork();
  const draft = useDraft(student, work.share, pause.block, start);
  const given = draft.text;
  const [trouble, setTrouble] = useState('');
  const [isSending, setSending] = useState(false);
  const [isBusy, setBusy] = useState(false);
  const leaving = useLeaving();
  const slide = useAskedSlide(pause);
  const question = pause.question;
  if (!question) return null;
  const Answering = answeringOf(question);
  const write = (next: string) => {
    // What was said of the answer before is not said of this one.
    setTrouble('');
    draft.write(next);
  };
  const answer = async (event: FormEvent) => {
    event.preventDefault();
    setSending(true);
    try {
      const telling = { signal: leaving(), onWait: setTrouble };
      const answered = await work.answer(pause, given, { ...how?.() }, telling);
      draft.forget();
      setTrouble('');
      onAnswer(pause.block, answered);
    } catch (error) {
      setTrouble(sentence(error));
    }
    setSending(false);
  };
  return (
    <form onSubmit={answer} className="flex flex-col gap-3">
      <Answering
        question={question}
        prompt={pause.prompt}
        given={given}
        onWrite={write}
        onBusy={setBusy}
        slide={slide}
        practise={(level, answer) => work.practise(pause.block, level, answer)}
      />
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      <Button type="submit" look="main" className="min-h-12! self-start" disabled={isSending || isBusy}>
        {isSending ? 'Sending' : label}
      </Button>
    </form>
  );
}

/** What was answered, and what the answer is, once it may be seen. */
export function Answered({ answer }: { answer: GivenAnswer }) {
  const look =
    answer.earned === undefined || answer.earned === null
      ? 'border-action'
      : answer.earned === answer.outOf
        ? 'border-right'
        : 'border-caution-edge';
  return (
    <div className={`border-l-4 px-3 py-1 ${look}`} role="status">
      <p hidden={answer.given === ''}>
        You answered: <strong className="font-semibold">{answer.readable}</strong>
      </p>
      {answer.file && <HeardOrSeen address={answer.file} answered={answer.readable} />}
      {answer.sentence && <p>{answer.sentence}</p>}
      {answer.model && (
        <p>
          Answer: <strong className="font-semibold">{answer.model}</strong>
        </p>
      )}
      {answer.remark && (
        <p>
          Your teacher writes: <strong className="font-semibold">{answer.remark}</strong>
        </p>
      )}
      {answer.plot && (
        <figure className="stage mt-2 border border-rule">
          <figcaption className="px-3 py-1 text-small text-quiet">What you wrote, drawn</figcaption>
          <div role="img" aria-label="Your numbers as a plot" dangerouslySetInnerHTML={{ __html: answer.plot }} />
        </figure>
      )}
      {answer.earned !== undefined && answer.earned !== null && (
        <p className="text-small text-quiet">
          {answer.earned} of {answer.outOf} {answer.outOf === 1 ? 'mark' : 'marks'}
        </p>
      )}
      {answer.others && answer.others.length > 0 && (
        <section className="mt-2" aria-label="What others wrote">
          <p className="text-small text-quiet">Others in your class wrote:</p>
          <ul className="list-disc pl-5">
            {answer.others.map((other) => (
              <li key={other}>{other}</li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
