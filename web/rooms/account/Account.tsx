import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { PageHeader } from '../PageHeader';
import { useTeacher } from '../sign-in/SignedIn';

/** A teacher’s own name and password. */
export function Account() {
  const teacher = useTeacher();
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const [done, setDone] = useState('');
  const send = async (event: FormEvent<HTMLFormElement>, address: string, said: string) => {
    event.preventDefault();
    const form = event.currentTarget;
    setDone('');
    const isDone = await attempt(async () => {
      queries.setQueryData(['me'], await ask('PUT', address, Object.fromEntries(new FormData(form))));
    });
    if (!isDone) return;
    setDone(said);
    if (address.endsWith('password')) form.reset();
  };
  if (!teacher.data) return null;
  return (
    <div className="mx-auto max-w-2xl px-6 pb-16">
      <PageHeader />
      <main className="flex flex-col gap-8">
        <h1 className="border-b border-rule pb-5 text-3xl">Your name and password</h1>
        <form onSubmit={(event) => void send(event, '/api/account', 'Your name is changed.')} className="max-w-sm">
          <h2 className="mb-3 text-xl">Name</h2>
          <div className="flex items-end gap-3">
            <div className="grow">
              <TextField label="Your name" name="name" defaultValue={teacher.data.name} required maxLength={100} />
            </div>
            <Button type="submit">Keep</Button>
          </div>
          <p className="mt-2 text-small text-quiet">You sign in with {teacher.data.email}.</p>
        </form>
        <form
          onSubmit={(event) =>
            void send(
              event,
              '/api/account/password',
              'Your password is changed. Wherever else you were signed in, you no longer are.',
            )
          }
          className="flex max-w-sm flex-col gap-3"
        >
          <h2 className="text-xl">Password</h2>
          <TextField
            label="The password you have now"
            name="current"
            type="password"
            autoComplete="current-password"
            required
          />
          <NewPassword />
          <Button type="submit" className="self-start">
            Change the password
          </Button>
        </form>
        {done && <Notice>{done}</Notice>}
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
      </main>
    </div>
  );
}

export function NewPassword() {
  return (
    <TextField
      label="New password"
      name="password"
      type="password"
      autoComplete="new-password"
      required
      minLength={10}
      maxLength={200}
      hint="Ten signs or more. A few words in a row are easy to remember."
    />
  );
}
