import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useId } from 'react';
import { Link } from 'react-router';
import type { LessonFile, Release, ShareAnswer } from '../../answers.types';
import { bytes, day, moment } from '../../clock';
import { ask, sentence } from '../../request';
import { Strip } from '../../stage/Strip';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { FileToTake } from './FileToTake';
import { GiveToClass } from './GiveToClass';
import { HandoutPages } from './HandoutPages';
import { FirstSlide, Played } from './Played';
import { PrintedSlides } from './PrintedSlides';
import { VersionChanges } from './VersionChanges';

/** What stands in the way of several files is said once. */
function toBeListed(files: LessonFile[]): LessonFile[] {
  return files.filter(
    ({ obstacle }, place) => obstacle === null || files.findIndex((each) => each.obstacle === obstacle) === place,
  );
}

/** What the class will get, shown as they will get it, and the files to take away. */
export function Share() {
  const desk = useDesk();
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const answer = useQuery({
    queryKey: ['share', desk.id],
    queryFn: () => ask<ShareAnswer>('GET', `/api/lessons/${desk.id}/share`),
    staleTime: 0,
    refetchInterval: (query) => {
      const data = query.state.data;
      const exports = data?.files.flatMap((file) => file.exports.map((made) => made.state)) ?? [];
      return data?.releases[0]?.state === 'making' || exports.includes('making') || exports.includes('waiting')
        ? 800
        : false;
    },
  });
  const run = async (work: () => Promise<unknown>) => {
    await attempt(work);
    await queries.invalidateQueries({ queryKey: ['share', desk.id] });
  };
  if (!answer.data)
    return <main className="p-6">{answer.isError && <Notice tone="trouble">{sentence(answer.error)}</Notice>}</main>;
  const { releases, changedSince, shares, classrooms, sizes, files, parts, changes } = answer.data;
  const listed = toBeListed(files);
  const newest = releases[0];
  const ready = releases.find((release) => release.state === 'ready');
  const make = () => run(() => ask('POST', `/api/lessons/${desk.id}/releases`));

  return (
    <main className="mx-auto grid w-full max-w-[84rem] grid-cols-1 gap-10 px-6 py-6 lg:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)]">
      <div className="flex flex-col gap-8">
        <section aria-labelledby="version">
          <h2 id="version" className="mb-2 text-xl">
            The version students see
          </h2>
          {!newest && (
            <p className="mb-3">
              Nothing is shared yet. Sharing freezes the lesson as it is now; you can go on changing it in peace.
            </p>
          )}
          {ready && (
            <p className="mb-3">
              Version {ready.number}, made {moment(ready.at)}: {ready.minutes} minutes to watch, {ready.full} with its
              pauses.
              {sizes && ` A student loads about ${bytes(sizes.sound + sizes.data)}.`}
            </p>
          )}
          {newest?.state === 'making' && (
            <div className="mb-3">
              <Notice>Version {newest.number} is being put together.</Notice>
            </div>
          )}
          {newest?.state === 'failed' && (
            <div className="mb-3">
              <Notice tone="trouble">{newest.trouble}</Notice>
            </div>
          )}
          {changedSince && newest?.state !== 'making' && (
            <p className="mb-3 text-caution">
              The lesson has changed since. Students see the change when you share it again.
            </p>
          )}
          {changedSince && changes && <VersionChanges changes={changes} />}
          <Button
            look={!ready || changedSince ? 'main' : 'plain'}
            onClick={() => void make()}
            disabled={newest?.state === 'making'}
          >
            {newest ? 'Share the lesson as it is now' : 'Share this lesson'}
          </Button>
          {trouble && (
            <div className="mt-3">
              <Notice tone="trouble">{trouble}</Notice>
            </div>
          )}
        </section>
        <section aria-labelledby="classes">
          <h2 id="classes" className="mb-2 text-xl">
            Classes
          </h2>
          {shares.map((share) => (
            <div key={share.id} className="mb-4 rounded border border-rule bg-sheet p-4">
              <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
                <h3 className="text-lg">{share.name}</h3>
                <p>
                  Code <strong className="rounded bg-action-ground px-2 py-1 tracking-widest">{share.code}</strong>
                </p>
                {share.due && <p>Due {day(share.due)}</p>}
                <Confirm
                  title={`Take the lesson back from ${share.name}?`}
                  consequence="Its students can no longer open the lesson, and what they answered in it goes."
                  action="Take it back"
                  onConfirm={() => void run(() => ask('DELETE', `/api/lessons/${desk.id}/shares/${share.id}`))}
                >
                  <Button look="quiet" className="ml-auto px-2!">
                    Take it back
                  </Button>
                </Confirm>
              </div>
              <p className="mt-2 break-all">
                Link{' '}
                <a href={`/w/${share.id}`} className="text-action underline" target="_blank" rel="noreferrer">
                  {`${location.origin}/w/${share.id}`}
                </a>
                <Button
                  look="quiet"
                  className="ml-2 px-2!"
                  onClick={() => void navigator.clipboard.writeText(`${location.origin}/w/${share.id}`)}
                >
                  Copy the link
                </Button>
              </p>
              <p className="mt-1 text-small text-quiet">
                For a parent or a cover teacher, with no names and no answers:{' '}
                <a
                  href={`/overview/${share.overview}`}
                  className="text-action underline"
                  target="_blank"
                  rel="noreferrer"
                >
                  what to do and in what order
                </a>
              </p>
              {share.instructions && <p className="mt-1">{share.instructions}</p>}
              {!share.ready && (
                <p className="mt-1 text-caution">Students see the lesson as soon as a version is shared.</p>
              )}
            </div>
          ))}
          {classrooms.length === 0 ? (
            <p>
              You have no class yet.{' '}
              <Link to="/classes" className="text-action underline">
                Make a class
              </Link>{' '}
              first.
            </p>
          ) : (
            <GiveToClass
              key={shares.length}
              classrooms={classrooms}
              shares={shares}
              parts={parts}
              onGive={(given) => run(() => ask('PUT', `/api/lessons/${desk.id}/shares`, given))}
              isNext={shares.length === 0 && !!ready}
            />
          )}
        </section>
        <section aria-labelledby="handout">
          <h2 id="handout" className="mb-2 text-xl">
            Handout
          </h2>
          <HandoutPages />
          <PrintedSlides />
        </section>
        <Files title="To print" files={listed.filter((file) => file.purpose === 'print')} ready={ready} run={run} />
        <Files
          title="For colleagues and other programs"
          files={listed.filter((file) => file.purpose === 'pass-on')}
          ready={ready}
          run={run}
        />
      </div>
      <div className="flex flex-col gap-8">
        <section aria-labelledby="seen">
          <h2 id="seen" className="mb-2 text-xl">
            As students see it
          </h2>
          <div className="mx-auto max-w-md rounded-md border border-edge p-3">
            <p className="mb-2 font-semibold">{desk.document.title}</p>
            <div className="mb-2">
              <Strip parts={desk.strip} small />
            </div>
            {ready ? <Played release={ready.id} /> : <FirstSlide />}
            <p className="pt-2 text-small text-quiet">{shares[0]?.instructions || 'Your instructions stand here.'}</p>
          </div>
        </section>
        <Files
          title="To watch, hear and read"
          files={listed.filter((file) => file.purpose === 'watch')}
          ready={ready}
          run={run}
        />
      </div>
    </main>
  );
}

interface FilesProps {
  title: string;
  files: LessonFile[];
  ready: Release | undefined;
  run: (work: () => Promise<unknown>) => Promise<void>;
}

/** Files to take away that serve one purpose. */
function Files({ title, files, ready, run }: FilesProps) {
  const desk = useDesk();
  const heading = useId();
  if (files.length === 0) return null;
  return (
    <section aria-labelledby={heading}>
      <h2 id={heading} className="mb-2 text-xl">
        {title}
      </h2>
      <ul className="divide-y divide-rule border-y border-rule">
        {files.map((file) => (
          <li key={file.format} className="py-3">
            <FileToTake lesson={desk.id} file={file} release={ready} run={run} />
          </li>
        ))}
      </ul>
    </section>
  );
}
