import { type FormEvent, useRef, useState } from 'react';
import type { Classroom, Student } from '../../answers.types';
import { ask, sentence } from '../../request';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { TextArea } from '../../ui/Field';
import { Notice } from '../../ui/Notice';

/** Does something to a class, and says how it went. */
type Run = (work: () => Promise<unknown>, done: string) => Promise<boolean>;

/** One class: its name, the code that lets students in, and who is in it. */
export function ClassSheet({ classroom, onChange }: { classroom: Classroom; onChange: () => void }) {
  const [said, setSaid] = useState<{ tone: 'plain' | 'trouble'; text: string } | null>(null);
  const run: Run = async (work, done) => {
    try {
      await work();
      setSaid({ tone: 'plain', text: done });
      onChange();
      return true;
    } catch (error) {
      setSaid({ tone: 'trouble', text: sentence(error) });
      return false;
    }
  };
  const address = `/api/classrooms/${classroom.id}`;
  return (
    <section className="border-b border-rule py-6" aria-labelledby={`class-${classroom.id}`}>
      <div className="mb-4 flex flex-wrap items-center gap-x-5 gap-y-2">
        <h2 id={`class-${classroom.id}`} className="sr-only">
          {classroom.name}
        </h2>
        <NameField
          label="Name of the class"
          value={classroom.name}
          most={60}
          look="min-w-40 text-xl font-semibold"
          onRename={(name) => run(() => ask('PUT', address, { name }), 'The class has its new name.')}
        />
        <p>
          Code{' '}
          <strong className="ml-1 rounded bg-action-ground px-2 py-1 text-lg tracking-widest">{classroom.code}</strong>
        </p>
        <Confirm
          title={`Give ${classroom.name} a new code?`}
          consequence="The old code opens nothing from then on. Names, words and replies stay."
          action="Make a new code"
          onConfirm={() => void run(() => ask('POST', `${address}/code`), 'The class has a new code.')}
        >
          <Button look="quiet">Make a new code</Button>
        </Confirm>
        <Confirm
          title={`Delete ${classroom.name}?`}
          consequence="Its names go, and all that these students answered and handed in."
          action="Delete the class"
          onConfirm={() => void run(() => ask('DELETE', address), 'The class is deleted.')}
        >
          <Button look="quiet" className="ml-auto">
            Delete the class
          </Button>
        </Confirm>
      </div>
      {said && (
        <div className="mb-3">
          <Notice tone={said.tone}>{said.text}</Notice>
        </div>
      )}
      <div className="grid grid-cols-1 gap-8 md:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
        <ul aria-label={`Students of ${classroom.name}`}>
          {classroom.students.map((student) => (
            <StudentRow key={student.id} student={student} address={`${address}/students/${student.id}`} run={run} />
          ))}
          {classroom.students.length === 0 && <li className="text-quiet">Nobody is in this class yet.</li>}
        </ul>
        <AddStudents
          isFirst={classroom.students.length === 0}
          onAdd={(names) =>
            run(
              () => ask('POST', `${address}/students`, { names }),
              names.length === 1 ? `${names[0]} is in the class.` : `${names.length} students are in the class.`,
            )
          }
        />
      </div>
    </section>
  );
}

function StudentRow({ student, address, run }: { student: Student; address: string; run: Run }) {
  return (
    <li className="flex flex-wrap items-center gap-1 border-t border-rule py-1">
      <NameField
        label={`First name of ${student.name}`}
        value={student.name}
        most={40}
        look="w-40"
        onRename={(name) => run(() => ask('PUT', address, { name }), `${student.name} is ${name} now.`)}
      />
      <span className="ml-auto flex">
        {student.hasWord && (
          <Button
            look="quiet"
            aria-label={`Clear the word of ${student.name}`}
            onClick={() =>
              void run(() => ask('DELETE', `${address}/word`), `${student.name} chooses a new word at the next visit.`)
            }
          >
            Clear the word
          </Button>
        )}
        <a
          href={`${address}/archive`}
          download
          aria-label={`All that is kept of ${student.name}, as a file`}
          className="inline-flex min-h-10 items-center rounded px-3.5 text-action hover:underline"
        >
          File
        </a>
        <Confirm
          title={`Take ${student.name} out of the class?`}
          consequence={`All that ${student.name} answered and handed in goes too. To keep it, take the file away first.`}
          action={`Take ${student.name} out`}
          onConfirm={() => void run(() => ask('DELETE', address), `${student.name} is no longer in the class.`)}
        >
          <Button look="quiet" aria-label={`Take out ${student.name}`}>
            Take out
          </Button>
        </Confirm>
      </span>
    </li>
  );
}

interface NameFieldProps {
  label: string;
  value: string;
  most: number;
  look: string;
  onRename: (name: string) => Promise<boolean>;
}

/** A name that is changed where it stands; a refused one goes back to what it was. */
function NameField({ label, value, most, look, onRename }: NameFieldProps) {
  const [name, setName] = useState(value);
  const keep = async () => {
    const wanted = name.trim();
    if (wanted === '' || wanted === value || !(await onRename(wanted))) setName(value);
  };
  return (
    <input
      aria-label={label}
      value={name}
      maxLength={most}
      onChange={(event) => setName(event.target.value)}
      onBlur={() => void keep()}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      className={`min-h-10 rounded border border-transparent bg-transparent px-2 hover:border-rule focus:border-action ${look}`}
    />
  );
}

function AddStudents({ isFirst, onAdd }: { isFirst: boolean; onAdd: (names: string[]) => Promise<boolean> }) {
  const [text, setText] = useState('');
  const box = useRef<HTMLFormElement>(null);
  const names = text
    .split('\n')
    .map((each) => each.trim())
    .filter(Boolean);
  const add = async (event: FormEvent) => {
    event.preventDefault();
    if (!(await onAdd(names))) return;
    setText('');
    box.current?.querySelector('textarea')?.focus();
  };
  return (
    <form ref={box} onSubmit={add} className="flex flex-col gap-3">
      <TextArea
        label="More first names, one a line"
        value={text}
        onChange={(event) => setText(event.target.value)}
        hint="First names only: nothing else about a child is kept."
      />
      <Button type="submit" look={isFirst ? 'main' : 'plain'} className="self-start" disabled={names.length === 0}>
        Put them in the class
      </Button>
    </form>
  );
}
