import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { FormEvent } from 'react';
import type { Classroom } from '../../answers.types';
import { ask, sentence } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { PageHeader } from '../PageHeader';
import { ClassSheet } from './ClassSheet';

/** The teacher’s classes, each a name, its first names and its code. */
export function Classes() {
  const queries = useQueryClient();
  const classes = useQuery({ queryKey: ['classrooms'], queryFn: () => ask<Classroom[]>('GET', '/api/classrooms') });
  const [trouble, attempt] = useTrouble();
  const refresh = () => queries.invalidateQueries({ queryKey: ['classrooms'] });
  const create = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    const name = new FormData(form).get('name');
    if (!(await attempt(() => ask('POST', '/api/classrooms', { name })))) return;
    form.reset();
    refresh();
  };
  return (
    <div className="mx-auto max-w-4xl px-6 pb-16">
      <PageHeader />
      <main>
        <h1 className="border-b border-rule pb-5 text-3xl">Classes</h1>
        {classes.isError && <Notice tone="trouble">{sentence(classes.error)}</Notice>}
        {classes.data?.length === 0 && (
          <p className="pt-6">
            A class has a name and first names. Its code lets the students in. Begin with the name.
          </p>
        )}
        {classes.data?.map((each) => (
          <ClassSheet key={each.id} classroom={each} onChange={refresh} />
        ))}
        <form onSubmit={create} className="mt-8 flex items-end gap-3">
          <TextField label="Name of a new class" name="name" required maxLength={60} />
          <Button type="submit" look={classes.data?.length === 0 ? 'main' : 'plain'}>
            Add the class
          </Button>
        </form>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
      </main>
    </div>
  );
}
