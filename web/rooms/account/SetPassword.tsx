import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { Teacher } from '../../answers.types';
import { ask, sentence } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Wordmark } from '../Wordmark';
import { NewPassword } from './Account';

/** Where the link of a new teacher, or of one who forgot the password, leads. */
export function SetPassword() {
  const { token } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const address = `/api/password-links/${token}`;
  const invited = useQuery({ queryKey: ['link', token], queryFn: () => ask<Teacher>('GET', address), retry: false });
  const set = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const given = new FormData(event.currentTarget);
    await attempt(async () => {
      queries.setQueryData(['me'], await ask('POST', address, { password: given.get('password') }));
      navigate('/');
    });
  };
  return (
    <main className="mx-auto flex min-h-screen max-w-sm flex-col justify-center gap-6 p-6">
      <Wordmark />
      {invited.isError && <Notice tone="trouble">{sentence(invited.error)}</Notice>}
      {invited.data && (
        <>
          <h1 className="text-2xl">Welcome, {invited.data.name}</h1>
          <form onSubmit={set} className="flex flex-col gap-4">
            <p>Choose the password with which you sign in as {invited.data.email}.</p>
            <NewPassword />
            {trouble && <Notice tone="trouble">{trouble}</Notice>}
            <Button type="submit" look="main">
              Set the password and go in
            </Button>
          </form>
        </>
      )}
    </main>
  );
}
