import type { LessonFile, Release } from '../../answers.types';
import { bytes } from '../../clock';
import { ask } from '../../request';
import { Button } from '../../ui/Button';
import { FileLink } from '../../ui/FileLink';
import { Notice } from '../../ui/Notice';

interface FileToTakeProps {
  lesson: string;
  file: LessonFile;
  /** The version that files which take long are made from. */
  release: Release | undefined;
  run: (work: () => Promise<unknown>) => Promise<void>;
}

/** A file to take away: fetched at once, or made on the queue, with how far it is, a way to stop it, and what went wrong. */
export function FileToTake({ lesson, file, release, run }: FileToTakeProps) {
  const size = file.export?.state === 'ready' ? file.export.bytes : file.bytes;
  return (
    <div className="flex items-center gap-3">
      <span className="min-w-0 grow">
        {file.label}
        <span className="block text-small text-quiet">
          {file.obstacle ?? `${file.about}${size === null ? '' : `, about ${bytes(size)}`}`}
        </span>
      </span>
      {!file.takesLong && file.obstacle === null && (
        <FileLink href={`/api/lessons/${lesson}/files/${file.format}`}>Download</FileLink>
      )}
      {file.takesLong && <Making file={file} release={release} run={run} />}
    </div>
  );
}

function Making({ file, release, run }: Omit<FileToTakeProps, 'lesson'>) {
  const made = file.export;
  const make = () => release && run(() => ask('POST', `/api/releases/${release.id}/exports`, { format: file.format }));
  if (made?.state === 'waiting' || made?.state === 'making') {
    return (
      <>
        <span className="flex items-center gap-2">
          <progress
            value={made.progress}
            max={1}
            aria-label={`Making the ${file.label.toLowerCase()}`}
            className="w-32 accent-action"
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
        {made ? 'Make it again' : `Make the ${file.label.toLowerCase()}`}
      </Button>
      {made?.state === 'failed' && <Notice tone="trouble">{made.trouble}</Notice>}
    </>
  );
}
