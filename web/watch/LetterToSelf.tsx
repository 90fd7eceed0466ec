import { type FormEvent, useState } from 'react';
import { Button } from '../ui/Button';
import { TextArea } from '../ui/Field';
import type { Moments } from './moments';

/** At the end: what was learned and what to do differently, to be read again before the next lesson of the series. */
export function LetterToSelf({ moments, at }: { moments: Moments; at: number }) {
  const [text, setText] = useState('');
  const written = moments.moments.filter((moment) => moment.kind === 'letter');
  const send = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    moments.add('letter', at, text.trim());
    setText('');
  };
  return (
    <section className="mt-4 rounded border border-rule bg-sheet p-4" aria-label="A letter to yourself">
      <h2 className="text-lg">A letter to yourself</h2>
      {written.map((letter) => (
        <p key={letter.id} className="mt-2 border-l-4 border-action px-3 break-words">
          {letter.text}
        </p>
      ))}
      {written.length === 0 && (
        <form onSubmit={send} className="mt-2 flex flex-col items-start gap-2">
          <div className="w-full">
            <TextArea
              label="What did you learn, and what will you do differently?"
              hint="You see it again before the next lesson. Your teacher can read it."
              value={text}
              maxLength={1000}
              onChange={(event) => setText(event.target.value)}
            />
          </div>
          <Button type="submit" className="min-h-11!" disabled={text.trim() === ''}>
            Keep it for next time
          </Button>
        </form>
      )}
    </section>
  );
}
