import { useState } from 'react';
import type { AskedQuestion, MomentReplies } from '../../answers.types';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

interface MomentsProps {
  moments: MomentReplies[];
  onReply: (moment: string, reply: string) => Promise<boolean>;
}

/** Slide by slide where students stopped, went back, were lost, and what they asked there. */
export function Moments({ moments, onReply }: MomentsProps) {
  if (moments.length === 0) {
    return <p className="text-quiet">Nobody stopped on the way, went back, was lost or asked anything yet.</p>;
  }
  return (
    <div className="flex flex-col gap-4">
      {moments.map((moment) => (
        <article key={moment.slide} className="rounded border border-rule bg-sheet p-4">
          <h3 className="text-base">{moment.title || 'A slide without a title'}</h3>
          <dl className="mt-1">
            <Names label="Lost here" names={moment.lost} />
            <Names label="Stopped here" names={moment.stopped} />
            <Names label="Went back to hear it again" names={moment.wentBack} />
          </dl>
          {moment.questions.map((question) => (
            <Asked key={question.id} question={question} onReply={onReply} />
          ))}
        </article>
      ))}
    </div>
  );
}

function Names({ label, names }: { label: string; names: string[] }) {
  if (names.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-x-2">
      <dt className="text-quiet">{label}:</dt>
      <dd>{names.join(', ')}</dd>
    </div>
  );
}

function Asked({ question, onReply }: { question: AskedQuestion; onReply: MomentsProps['onReply'] }) {
  const [text, setText] = useState(question.reply ?? '');
  const [isWriting, setWriting] = useState(false);
  const send = async () => {
    if (await onReply(question.id, text.trim())) setWriting(false);
  };
  return (
    <div className="mt-3 border-l-4 border-action pl-3">
      <p>
        <span className="text-small text-quiet">
          {question.student} asks at {clock(question.at / 1000)}:
        </span>{' '}
        {question.text}
      </p>
      {question.reply && !isWriting && <p className="mt-1">You: {question.reply}</p>}
      {isWriting ? (
        <div className="mt-2 flex flex-col gap-2">
          <TextArea
            label={`Your reply to ${question.student}`}
            value={text}
            maxLength={1000}
            onChange={(event) => setText(event.target.value)}
          />
          <Button look="main" className="self-start" disabled={text.trim() === ''} onClick={() => void send()}>
            Send the reply
          </Button>
        </div>
      ) : (
        <Button look="quiet" className="-ml-3" onClick={() => setWriting(true)}>
          {question.reply ? 'Change the reply' : 'Reply'}
        </Button>
      )}
    </div>
  );
}
