import { type FormEvent, useEffect, useState } from 'react';
import type { JoinedClass } from '../answers.types';
import { ask } from '../request';
import { useTrouble } from '../trouble';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { Notice } from '../ui/Notice';

/** The way in: the class code, one’s own first name, and a personal word. */
export function Join({ code, onEntered }: { code: string; onEntered: () => void }) {
  const [typed, setTyped] = useState(code);
  const [joined, setJoined] = useState<JoinedClass | null>(null);
  const [student, setStudent] = useState<JoinedClass['students'][number] | null>(null);
  const [trouble, run] = useTrouble();
  const join = (given: string) =>
    run(async () => setJoined(await ask<JoinedClass>('POST', '/api/watch/join', { code: given })));
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, for a code that stands in the address
  useEffect(() => {
    // The first answer of the server brings the token that later requests need.
    void ask('GET', '/api/watch/me').catch(() => (code ? join(code) : undefined));
  }, []);
  const enter = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const word = new FormData(event.currentTarget).get('word');
    void run(async () => {
      await ask('POST', '/api/watch/enter', { code: joined?.code, student: student?.id, word });
      onEntered();
    });
  };
  return (
    <main className="mx-auto flex min-h-dvh max-w-md flex-col justify-center gap-5 p-5">
      <h1 className="text-2xl">{joined ? joined.name : 'Watch a lesson'}</h1>
      {!joined && (
        <form
          className="flex flex-col gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            void join(typed);
          }}
        >
          <TextField
            label="Your class code"
            value={typed}
            onChange={(event) => setTyped(event.target.value.toUpperCase())}
            autoCapitalize="characters"
            autoComplete="off"
            autoFocus
            required
            maxLength={12}
            className="text-2xl tracking-widest"
          />
          <Button type="submit" look="main">
            Go on
          </Button>
        </form>
      )}
      {joined && !student && (
        <>
          <h2 className="text-lg">Who are you?</h2>
          <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3">
            {joined.students.map((each) => (
              <li key={each.id}>
                <Button className="w-full min-h-12!" onClick={() => setStudent(each)}>
                  {each.name}
                </Button>
              </li>
            ))}
          </ul>
          {joined.students.length === 0 && <p>There are no names in this class yet. Ask your teacher.</p>}
        </>
      )}
      {joined && student && (
        <form onSubmit={enter} className="flex flex-col gap-4">
          <p className="text-lg">
            Hello, <strong>{student.name}</strong>.
          </p>
          <TextField
            key={student.id}
            label={student.hasWord ? 'Your personal word' : 'Choose a personal word that you will remember'}
            name="word"
            type="password"
            autoComplete="off"
            autoFocus
            required
            minLength={3}
            maxLength={40}
          />
          <Button type="submit" look="main">
            Go in
          </Button>
          <Button look="quiet" onClick={() => setStudent(null)}>
            I am somebody else
          </Button>
        </form>
      )}
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </main>
  );
}
