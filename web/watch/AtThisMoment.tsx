import { type FormEvent, useState } from 'react';
import { clock } from '../clock';
import { Button } from '../ui/Button';
import { TextArea } from '../ui/Field';
import { Notice } from '../ui/Notice';
import type { Moments } from './moments';

/** Three of them find room beside one another on a phone. */
const SMALL = 'min-h-11! px-2! text-small! sm:px-3.5! sm:text-base! flat:px-1.5! flat:text-small!';

/** Milliseconds within which two moments are the same. */
const SAME = 5000;

const WRITTEN = {
  question: { button: 'Ask a question', label: 'Your question about this moment', send: 'Ask my teacher' },
  note: { button: 'Write a note', label: 'Your note to this moment (your teacher can read it)', send: 'Keep the note' },
};

type Kind = keyof typeof WRITTEN;

/** What is being written, and to which moment. */
export function useWriting(player: { at: number; pause: () => void }) {
  const [writing, setWriting] = useState<{ kind: Kind; at: number } | null>(null);
  const toggle = (kind: Kind) => {
    player.pause();
    setWriting((before) => (before?.kind === kind ? null : { kind, at: player.at }));
  };
  return { writing, toggle, close: () => setWriting(null) };
}

export type Writing = ReturnType<typeof useWriting>;

/** Being lost, a question, a note: told at that very moment of the lesson. */
export function AtThisMoment({ moments, writing, at }: { moments: Moments; writing: Writing; at: number }) {
  const isLost = moments.moments.some((moment) => moment.kind === 'lost' && Math.abs(moment.at - at) < SAME);
  return (
    <fieldset className="flex flex-wrap gap-1 sm:gap-2">
      <legend className="sr-only">At this moment</legend>
      <Button className={SMALL} disabled={isLost} onClick={() => moments.add('lost', at)}>
        {isLost ? 'Your teacher will know' : 'I am lost here'}
      </Button>
      {(['question', 'note'] as const).map((kind) => (
        <Button
          key={kind}
          className={SMALL}
          aria-expanded={writing.writing?.kind === kind}
          onClick={() => writing.toggle(kind)}
        >
          {WRITTEN[kind].button}
        </Button>
      ))}
    </fieldset>
  );
}

interface MomentsSheetProps {
  moments: Moments;
  writing: Writing;
  onSeek: (at: number) => void;
}

/** What is being written to a moment, and what was asked and noted so far. */
export function MomentsSheet({ moments, writing: { writing, close }, onSeek }: MomentsSheetProps) {
  const [text, setText] = useState('');
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (!writing || text.trim() === '') return;
    moments.add(writing.kind, writing.at, text.trim());
    close();
    setText('');
  };
  return (
    <>
      {writing && (
        <form
          onSubmit={send}
          onKeyDown={(event) => event.key === 'Escape' && close()}
          className="mb-3 flex flex-col gap-2 rounded border border-rule bg-sheet p-3"
        >
          <TextArea
            key={writing.kind}
            autoFocus
            label={`${WRITTEN[writing.kind].label}, ${clock(writing.at / 1000)}`}
            value={text}
            maxLength={1000}
            onChange={(event) => setText(event.target.value)}
          />
          <div className="flex flex-wrap gap-2">
            <Button type="submit" look="main" className="min-h-11!" disabled={text.trim() === ''}>
              {WRITTEN[writing.kind].send}
            </Button>
            <Button look="quiet" className="min-h-11!" onClick={close}>
              Not now
            </Button>
          </div>
        </form>
      )}
      {moments.trouble && <Notice tone="trouble">{moments.trouble}</Notice>}
      <Written moments={moments} onSeek={onSeek} />
    </>
  );
}

/** What was asked and noted so far, each with the way back to its moment. */
function Written({ moments, onSeek }: { moments: Moments; onSeek: (at: number) => void }) {
  const written = moments.moments.filter((moment) => moment.kind === 'question' || moment.kind === 'note');
  if (written.length === 0) return null;
  return (
    <ul aria-label="Your questions and notes" className="mb-3 divide-y divide-rule border-y border-rule">
      {written.map((moment) => (
        <li key={moment.id} className="py-1.5">
          <div className="flex items-start gap-2">
            <Button
              look="quiet"
              className="px-2! tabular-nums"
              aria-label={`Go to ${clock(moment.at / 1000)}`}
              onClick={() => onSeek(moment.at)}
            >
              {clock(moment.at / 1000)}
            </Button>
            <p className="min-w-0 grow self-center break-words">
              <span className="text-small text-quiet">{moment.kind === 'question' ? 'You asked:' : 'Your note:'}</span>{' '}
              {moment.text}
            </p>
            {!moment.reply && (
              <Button look="quiet" className="px-2!" onClick={() => void moments.remove(moment.id)}>
                Take away
              </Button>
            )}
          </div>
          {moment.reply && <p className="pl-2">Your teacher replies: {moment.reply}</p>}
        </li>
      ))}
    </ul>
  );
}
