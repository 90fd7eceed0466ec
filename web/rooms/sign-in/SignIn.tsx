import { useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { Wordmark } from '../Wordmark';

export function SignIn() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const signIn = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const given = new FormData(event.currentTarget);
    await attempt(async () => {
      queries.setQueryData(
        ['me'],
        await ask('POST', '/api/sign-in', { email: given.get('email'), password: given.get('password') }),
      );
      navigate('/');
    });
  };
  return (
    <main className="mx-auto flex min-h-screen max-w-sm flex-col justify-center gap-6 p-6">
      <Wordmark />
      <h1 className="text-2xl">Sign in to your lessons</h1>
      <form onSubmit={signIn} className="flex flex-col gap-4">
        <TextField label="School address" name="email" type="email" autoComplete="username" required autoFocus />
        <TextField label="Password" name="password" type="password" autoComplete="current-password" required />
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        <Button type="submit" look="main">
          Sign in
        </Button>
      </form>
      <p className="text-quiet">
        Are you a student?{' '}
        <a href="/join" className="text-action underline">
          Go in with your class code
        </a>
        .
      </p>
    </main>
  );
}
