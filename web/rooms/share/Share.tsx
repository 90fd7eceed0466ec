import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { Link } from 'react-router';
import { bytes } from '../../clock';
import { ask, sentence } from '../../request';
import { Preview } from '../../stage/Preview';
import type { Programme } from '../../stage/programme';
import { Stage } from '../../stage/Stage';
import { Strip } from '../../stage/Strip';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Choice, TextArea, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';

interface Release {
  id: string;
  number: number;
  state: 'making' | 'ready' | 'failed';
  trouble: string | null;
  at: string;
  minutes: number;
  full: number;
}

interface Export {
  id: string;
  release: string;
  state: 'waiting' | 'making' | 'ready' | 'failed' | 'cancelled';
  progress: number;
  bytes: number;
  trouble: string | null;
}

interface ShareAnswer {
  releases: Release[];
  changedSince: boolean;
  classrooms: { id: string; name: string; code: string }[];
  shares: {
    id: string;
    classroom: string;
    name: string;
    code: string;
    instructions: string;
    due: string;
    ready: boolean;
  }[];
  export: Export | null;
  /** Bytes, about. */
  archive: number;
  sizes: { sound: number; data: number } | null;
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
      return data?.releases[0]?.state === 'making' ||
        data?.export?.state === 'making' ||
        data?.export?.state === 'waiting'
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
  const { releases, changedSince, shares, classrooms, sizes } = answer.data;
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
              Version {ready.number}, made{' '}
              {new Date(ready.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}: {ready.minutes}{' '}
              minutes to watch, {ready.full} with its pauses.
              {sizes && ` A student loads about ${bytes(sizes.sound + sizes.data)}.`}
            </p>
          )}
          {newest?.state === 'making' && <Notice>Version {newest.number} is being put together.</Notice>}
          {newest?.state === 'failed' && <Notice tone="trouble">{newest.trouble}</Notice>}
          {changedSince && newest?.state !== 'making' && (
            <p className="mb-3 text-[#805300]">
              The lesson has changed since. Students see the change when you share it again.
            </p>
          )}
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
                  Code <strong className="rounded bg-[#eef5f4] px-2 py-1 tracking-widest">{share.code}</strong>
                </p>
                {share.due && (
                  <p>Due {new Date(share.due).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}</p>
                )}
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
              {share.instructions && <p className="mt-1">{share.instructions}</p>}
              {!share.ready && (
                <p className="mt-1 text-[#805300]">Students see the lesson as soon as a version is shared.</p>
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
              onGive={(given) => run(() => ask('PUT', `/api/lessons/${desk.id}/shares`, given))}
              isNext={shares.length === 0 && !!ready}
            />
          )}
        </section>
      </div>
      <div className="flex flex-col gap-8">
        <section aria-labelledby="seen">
          <h2 id="seen" className="mb-2 text-xl">
            As students see it
          </h2>
          <div className="mx-auto max-w-md rounded-md border border-[#8d8a7d] p-3">
            <p className="mb-2 font-semibold">{desk.document.title}</p>
            <div className="mb-2">
              <Strip parts={desk.strip} small />
            </div>
            {ready ? <Played release={ready.id} /> : <FirstSlide />}
            <p className="pt-2 text-[15px] text-quiet">{shares[0]?.instructions || 'Your instructions stand here.'}</p>
          </div>
        </section>
        <section aria-labelledby="files">
          <h2 id="files" className="mb-2 text-xl">
            Files to take away
          </h2>
          <ul className="divide-y divide-rule border-y border-rule">
            <li className="py-3">
              <Video release={ready} made={answer.data.export} run={run} />
            </li>
            <li className="flex flex-wrap items-center gap-3 py-3">
              <span className="grow">
                Lesson file
                <span className="block text-[15px] text-quiet">
                  The lesson, its pictures and its takes, to keep or to give to a colleague, about{' '}
                  {bytes(answer.data.archive)}
                </span>
              </span>
              <a
                href={`/api/lessons/${desk.id}/archive`}
                className="inline-flex min-h-10 items-center rounded border border-[#8d8a7d] bg-sheet px-3.5 hover:border-action"
                download
              >
                Download
              </a>
            </li>
          </ul>
        </section>
      </div>
    </main>
  );
}

/** The newest version, played as the class gets it. */
function Played({ release }: { release: string }) {
  const programme = useQuery({
    queryKey: ['release', release],
    queryFn: () => ask<Programme>('GET', `/api/releases/${release}`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (programme.isError) return <Notice tone="trouble">{sentence(programme.error)}</Notice>;
  return programme.data ? (
    <Preview key={release} programme={programme.data} />
  ) : (
    <div className="aspect-video bg-sheet" />
  );
}

/** Before anything is shared: the first slide, as it begins. */
function FirstSlide() {
  const desk = useDesk();
  const slide = desk.document.parts.flatMap((part) => part.slides).find((each) => !each.side);
  const scene = slide && desk.scenes[slide.id];
  return scene ? (
    <Stage svg={scene.svg} steps={slide.steps.map((step) => step.id)} step={0} label={slide.title} />
  ) : null;
}

interface Given {
  classroom: string;
  instructions: string;
  due: string | null;
}

function GiveToClass({
  classrooms,
  shares,
  onGive,
  isNext,
}: {
  classrooms: ShareAnswer['classrooms'];
  shares: ShareAnswer['shares'];
  onGive: (given: Given) => Promise<void>;
  isNext: boolean;
}) {
  const [classroom, setClassroom] = useState(shares[0]?.classroom ?? classrooms[0]?.id ?? '');
  const share = shares.find((each) => each.classroom === classroom);
  const give = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    void onGive({ classroom, instructions: String(form.get('instructions')), due: String(form.get('due')) || null });
  };
  return (
    <form key={classroom} onSubmit={give} className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-4">
        <Choice
          label="Class"
          value={classroom}
          onChoose={setClassroom}
          choices={classrooms.map((each) => ({ value: each.id, label: each.name }))}
        />
        <TextField label="To be done by" name="due" type="date" defaultValue={share?.due ?? ''} />
      </div>
      <Instructions start={share?.instructions ?? ''} />
      <Button type="submit" look={isNext ? 'main' : 'plain'} className="self-start">
        {share ? 'Save for this class' : 'Give it to this class'}
      </Button>
    </form>
  );
}

function Instructions({ start }: { start: string }) {
  const [text, setText] = useState(start);
  return (
    <TextArea
      label="Instructions for the class"
      name="instructions"
      value={text}
      maxLength={2000}
      onChange={(event) => setText(event.target.value)}
    />
  );
}

function Video({
  release,
  made,
  run,
}: {
  release: Release | undefined;
  made: Export | null;
  run: (work: () => Promise<unknown>) => Promise<void>;
}) {
  const make = () => release && run(() => ask('POST', `/api/releases/${release.id}/exports`));
  const isRunning = made?.state === 'waiting' || made?.state === 'making';
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span className="grow">
        Video file
        <span className="block text-[15px] text-quiet">
          {made?.state === 'ready'
            ? `MP4, 1280 × 720, ${bytes(made.bytes)}, with captions and chapters`
            : 'MP4 with captions and chapters, pauses counted down in the picture'}
        </span>
      </span>
      {isRunning && (
        <>
          <span className="flex items-center gap-2">
            <progress value={made.progress} max={1} aria-label="Making the video" className="w-32 accent-action" />
            {Math.round(made.progress * 100)}%
          </span>
          <Button onClick={() => void run(() => ask('DELETE', `/api/exports/${made.id}`))}>Stop</Button>
        </>
      )}
      {made?.state === 'ready' && (
        <>
          <a
            href={`/api/exports/${made.id}/lesson.mp4`}
            className="inline-flex min-h-10 items-center rounded border border-[#8d8a7d] bg-sheet px-3.5 hover:border-action"
            download
          >
            Download
          </a>
          <a href={`/api/exports/${made.id}/captions.vtt`} className="text-action underline" download>
            Captions
          </a>
        </>
      )}
      {!isRunning && made?.state !== 'ready' && (
        <Button onClick={() => void make()} disabled={!release}>
          {made ? 'Make it again' : 'Make the video'}
        </Button>
      )}
      {made?.state === 'failed' && <Notice tone="trouble">{made.trouble}</Notice>}
      {!release && (
        <p className="text-[15px] text-quiet">Share the lesson first: the video shows the shared version.</p>
      )}
    </div>
  );
}
