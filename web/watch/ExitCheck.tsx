import { useState } from 'react';
import type { GivenAnswer, PausePoint, VisitState } from '../answers.types';
import { day } from '../clock';
import { sentence } from '../request';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { Answered, AnswerForm } from './AnswerForm';
import { draftOf } from './draft';
import { useLessonWork } from './kept/work';
import { useLeaving } from './leaving';
import { ReadAloud } from './ReadAloud';

interface ExitCheckProps {
  student: string;
  pauses: PausePoint[];
  answers: Record<string, GivenAnswer>;
  handedIn: boolean;
  /** The day after which the answers are seen, while they are not. */
  comparedFrom: string | null;
  onAnswer: (block: string, answer: GivenAnswer) => void;
  onHandedIn: (visit: VisitState) => void;
}

/** The exit check as one sheet: answers can be changed until it is handed in, once and not blank. */
export function ExitCheck({ student, pauses, answers, handedIn, comparedFrom, onAnswer, onHandedIn }: ExitCheckProps) {
  const work = useLessonWork();
  const [trouble, setTrouble] = useState('');
  const [isSending, setSending] = useState(false);
  const leaving = useLeaving();
  const handIn = async () => {
    setSending(true);
    try {
      // What is still being written is handed in too, in one act with the rest.
      const given = Object.fromEntries(
        pauses.map(({ block }) => [block, draftOf(student, work.share, block) ?? answers[block]?.given ?? '']),
      );
      onHandedIn(await work.handIn(pauses, given, { signal: leaving(), onWait: setTrouble }));
      setTrouble('');
    } catch (error) {
      setTrouble(sentence(error));
    }
    setSending(false);
  };
  return (
    <section className="part-exit-check mt-4 rounded border-2 border-(--strong) bg-sheet p-4" aria-label="Exit check">
      <h2 className="mb-2 text-lg text-(--strong)">{handedIn ? 'Exit check, handed in' : 'Exit check'}</h2>
      <ol className="flex flex-col gap-5">
        {pauses.map((pause) => {
          const answer = answers[pause.block];
          return (
            <li key={pause.block}>
              <p className="mb-2">{pause.prompt}</p>
              {!handedIn && <ReadAloud share={work.share} block={pause.block} />}
              {answer && <Answered answer={answer} />}
              {!handedIn && (
                <details open={!answer} className="mt-1">
                  <summary className="min-h-10 cursor-pointer py-2 text-action">
                    {answer ? 'Change this answer' : 'Answer'}
                  </summary>
                  <AnswerForm
                    student={student}
                    pause={pause}
                    start={answer?.given ?? ''}
                    label="Keep this answer"
                    onAnswer={onAnswer}
                  />
                </details>
              )}
            </li>
          );
        })}
      </ol>
      {handedIn && comparedFrom && <p className="mt-3">The answers can be seen after {day(comparedFrom)}.</p>}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
      {!handedIn && (
        <Button look="main" className="mt-4 min-h-12!" disabled={isSending} onClick={() => void handIn()}>
          {isSending ? 'Sending' : 'Hand in the exit check'}
        </Button>
      )}
    </section>
  );
}
