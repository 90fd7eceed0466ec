import type { GivenAnswer, WatchedLesson } from '../answers.types';
import { Answered, AnswerForm } from './AnswerForm';

interface FromTeacherProps {
  lesson: WatchedLesson;
  answers: Record<string, GivenAnswer>;
  onAnswer: (block: string, answer: GivenAnswer) => void;
}

/** What the teacher wrote to answers, and those that may be tried again. */
export function FromTeacher({ lesson, answers, onAnswer }: FromTeacherProps) {
  const written = lesson.pauses.flatMap((pause) => {
    const answer = answers[pause.block];
    // What is said to the exit check stands with it.
    const isSaid = answer?.again || (answer?.remark && !pause.exitCheck);
    return answer && isSaid ? [{ pause, answer }] : [];
  });
  if (written.length === 0) return null;
  return (
    <section className="mt-3 rounded border-2 border-action bg-sheet p-4" aria-label="From your teacher">
      <h2 className="mb-2 text-lg text-action">From your teacher</h2>
      <ul className="flex flex-col gap-4">
        {written.map(({ pause, answer }) => (
          <li key={pause.block}>
            <p className="mb-1">{pause.prompt}</p>
            <Answered answer={answer} />
            {answer.again && pause.question && (
              <div className="mt-2">
                <AnswerForm student={lesson.student} pause={pause} start="" label="Answer again" onAnswer={onAnswer} />
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
