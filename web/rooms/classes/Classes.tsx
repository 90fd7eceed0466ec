import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { ask, sentence } from '../../request';
import { Button } from '../../ui/Button';
import { TextArea, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { Wordmark } from '../Wordmark';

interface Classroom {
  id: string;
  name: string;
  code: string;
  students: { id: string; name: string; hasWord: boolean }[];
}

export function Classes() {
  const queries = useQueryClient();
  const classes = useQuery({ queryKey: ['classrooms'], queryFn: () => ask<Classroom[]>('GET', '/api/classrooms') });
  const [trouble, setTrouble] = useState('');
  const refresh = () => queries.invalidateQueries({ queryKey: ['classrooms'] });
  const create = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = event.currentTarget;
    try {
      await ask('POST', '/api/classrooms', { name: new FormData(form).get('name') });
      form.reset();
      refresh();
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  return (
    <div className="mx-auto max-w-4xl px-6 pb-16">
      <header className="flex items-center gap-4 py-5">
        <Link to="/">
          <Wordmark />
        </Link>
      </header>
      <main>
        <h1 className="border-b border-rule pb-5 text-3xl">Classes</h1>
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

function ClassSheet({ classroom, onChange }: { classroom: Classroom; onChange: () => void }) {
  const [name, setName] = useState(classroom.name);
  const [names, setNames] = useState(classroom.students.map((each) => each.name).join('\n'));
  const [said, setSaid] = useState('');
  const run = async (work: () => Promise<unknown>, done: string) => {
    try {
      await work();
      setSaid(done);
      onChange();
    } catch (error) {
      setSaid(sentence(error));
    }
  };
  const save = () =>
    run(
      () =>
        ask('PUT', `/api/classrooms/${classroom.id}`, {
          name,
          students: names
            .split('\n')
            .map((each) => each.trim())
            .filter(Boolean),
        }),
      'The class is saved.',
    );
  return (
    <section className="border-b border-rule py-6" aria-labelledby={`class-${classroom.id}`}>
      <div className="mb-3 flex flex-wrap items-baseline gap-4">
        <h2 id={`class-${classroom.id}`} className="text-xl">
          {classroom.name}
        </h2>
        <p>
          Code <strong className="ml-1 rounded bg-[#eef5f4] px-2 py-1 text-lg tracking-widest">{classroom.code}</strong>
        </p>
        <Button
          look="quiet"
          onClick={() =>
            run(
              () => ask('POST', `/api/classrooms/${classroom.id}/code`),
              'The class has a new code. The old one opens nothing now.',
            )
          }
        >
          Make a new code
        </Button>
      </div>
      <div className="grid grid-cols-1 gap-6 md:grid-cols-2">
        <div className="flex flex-col gap-3">
          <TextField label="Name" value={name} onChange={(event) => setName(event.target.value)} />
          <TextArea
            label="First names, one a line"
            value={names}
            onChange={(event) => setNames(event.target.value)}
            hint="Taking a name away takes that student’s replies away too."
          />
          <Button onClick={save} className="self-start">
            Save the class
          </Button>
        </div>
        <div>
          <h3 className="mb-1 text-[15px] text-quiet">Personal words</h3>
          <ul>
            {classroom.students
              .filter((student) => student.hasWord)
              .map((student) => (
                <li key={student.id} className="flex items-center gap-2">
                  {student.name}
                  <Button
                    look="quiet"
                    onClick={() =>
                      run(
                        () => ask('DELETE', `/api/classrooms/${classroom.id}/students/${student.id}/word`),
                        `${student.name} chooses a new word at the next visit.`,
                      )
                    }
                  >
                    Clear the word
                  </Button>
                </li>
              ))}
          </ul>
          {classroom.students.every((student) => !student.hasWord) && (
            <p className="text-quiet">Nobody has chosen a word yet.</p>
          )}
        </div>
      </div>
      {said && (
        <div className="mt-3">
          <Notice>{said}</Notice>
        </div>
      )}
    </section>
  );
}
