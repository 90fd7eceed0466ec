import { useState } from 'react';
import type { Export, LessonFile, Release } from '../../answers.types';
import { bytes } from '../../clock';
import { ask } from '../../request';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { FileLink } from '../../ui/FileLink';
import { Notice } from '../../ui/Notice';

interface FileToTakeProps {
  lesson: string;
  file: LessonFile;
  /** The version that files which take long are made from. */
  release: Release | undefined;
  run: (work: () => Promise<unknown>) => Promise<void>;
}

type Chosen = Record<string, string>;

/** A file to take away: fetched at once, or made on the queue, with how far it is, a way to stop it, and what went wrong. */
export function FileToTake({ lesson, file, release, run }: FileToTakeProps) {
  const [chosen, setChosen] = useState<Chosen>({});
  const wanted = Object.fromEntries(
    file.choices.map(({ name, options }) => [
      name,
      chosen[name] ?? file.exports[0]?.choices[name] ?? options[0]?.value ?? '',
    ]),
  );
  const made = file.exports.find((each) => file.choices.every(({ name }) => each.choices[name] === wanted[name]));
  const size = made?.state === 'ready' ? made.bytes : file.bytes;
  return (
    <div>
      <div className="flex items-center gap-3">
        <span className="min-w-0 grow">
          {file.label}
          <span className="block text-small text-quiet">
            {file.obstacle ?? `${file.about}${size === null ? '' : `, about ${bytes(size)}`}`}
          </span>
        </span>
        {!file.takesLong && file.obstacle === null && (
          <FileLink href={`/api/lessons/${lesson}/files/${file.format}${asked(wanted)}`}>Download</FileLink>
        )}
        {file.takesLong && <Making file={file} made={made} wanted={wanted} release={release} run={run} />}
      </div>
      {file.choices.length > 0 && (
        <Choices file={file} wanted={wanted} onChoose={(name, value) => setChosen({ ...wanted, [name]: value })} />
      )}
    </div>
  );
}

/** What was chosen, as part of an address. */
function asked(wanted: Chosen): string {
  const pairs = Object.entries(wanted).map(([name, value]) => `choose[${name}]=${encodeURIComponent(value)}`);
  return pairs.length === 0 ? '' : `?${pairs.join('&')}`;
}

/** What the file is wanted like, said in a line that opens. */
function Choices({
  file,
  wanted,
  onChoose,
}: {
  file: LessonFile;
  wanted: Chosen;
  onChoose: (name: string, value: string) => void;
}) {
  const said = file.choices.map(
    ({ name, options }) => options.find((option) => option.value === wanted[name])?.label.split(/[,:]/)[0],
  );
  return (
    <details className="mt-1">
      <summary className="min-h-8 cursor-pointer text-small text-action">
        {said.join(' · ')}
        <span className="sr-only">: choose how the {file.label.toLowerCase()} is made</span>
      </summary>
      <div className="mt-2 mb-2 grid gap-2 rounded border border-rule bg-sheet p-3">
        {file.choices.map(({ name, label, options }) => (
          <Choice
            key={name}
            label={label}
            value={wanted[name] ?? ''}
            choices={options}
            onChoose={(value) => onChoose(name, value)}
          />
        ))}
      </div>
    </details>
  );
}

interface MakingProps extends Omit<FileToTakeProps, 'lesson'> {
  made: Export | undefined;
  wanted: Chosen;
}

function Making({ file, made, wanted, release, run }: MakingProps) {
  const make = () =>
    release && run(() => ask('POST', `/api/releases/${release.id}/exports`, { format: file.format, choices: wanted }));
  if (made?.state === 'waiting' || made?.state === 'making') {
    return (
      <>
        <span className="flex items-center gap-2">
          <progress
            value={made.progress}
            max={1}
            aria-label={`Making the ${file.label.toLowerCase()}`}
            className="w-32"
          />
          {Math.round(made.progress * 100)}%
        </span>
        <Button onClick={() => void run(() => ask('DELETE', `/api/exports/${made.id}`))}>Stop</Button>
      </>
    );
  }
  if (made?.state === 'ready') return <FileLink href={`/api/exports/${made.id}/file`}>Download</FileLink>;
  return (
    <>
      <Button onClick={() => void make()} disabled={!release}>
        {made ? 'Make it again' : `Make the ${file.label.replace(/^V/, 'v')}`}
      </Button>
      {made?.state === 'failed' && <Notice tone="trouble">{made.trouble}</Notice>}
    </>
  );
}
