import type { QuestionReplies } from '../../answers.types';

/** What was asked, and whether it is asked still. */
export function Prompt({ question }: { question: QuestionReplies }) {
  return (
    <>
      {question.prompt}
      {!question.isAsked && <span className="font-normal text-quiet"> (no longer asked)</span>}
    </>
  );
}
