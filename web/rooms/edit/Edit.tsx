import { useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react';
import type { Programme } from '../../answers.types';
import { clock } from '../../clock';
import { ask, sentence } from '../../request';
import { Preview } from '../../stage/Preview';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { RoomLink } from '../lesson/RoomLink';
import { type Take, useTakes } from '../lesson/takes';
import { CaptionsIn } from './CaptionsIn';
import { CleanSound } from './CleanSound';
import { LessonText } from './LessonText';
import { MarkedTools } from './MarkedTools';
import { pressed } from './pressed';
import { movedWith, type TakeRange } from './ranges';
import { SayAgain } from './SayAgain';
import { Shorten } from './Shorten';
import { TakeChoice } from './TakeChoice';
import { useEditing } from './useEditing';
import { useListening } from './useListening';
import { Wave } from './Wave';

const NONE: Take[] = [];

/** Listen, cut and put right the words of the whole lesson as one text, and choose among takes. */
export function Edit() {
  const desk = useDesk();
  const [trouble, attempt] = useTrouble();
  const [isWhole, setWhole] = useState(false);
  const { takes: known, lookAgain } = useTakes();
  const takes = known ?? NONE;
  const slide = desk.slide;
  const mine = takes.filter((take) => take.slide === slide?.id && take.state !== 'recording');
  const [opened, setOpened] = useState<string | null>(null);
  const [marked, setMarked] = useState<TakeRange[]>([]);
  const take = mine.find((each) => each.id === opened) ?? mine.find((each) => each.chosen) ?? mine[0];
  const editions = takes
    .map(
      (each) =>
        each.edition +
        each.chosen +
        JSON.stringify([each.wordings, each.moved]) +
        each.footage.map((film) => film.state + film.leftOut).join(),
    )
    .join();
  const programme = useQuery({
    queryKey: ['programme', desk.id, isWhole ? 'whole' : take?.id, editions, desk.timing],
    queryFn: () =>
      ask<Programme>('GET', `/api/lessons/${desk.id}/programme${isWhole || !take ? '' : `?take=${take.id}`}`),
    enabled: isWhole || take?.state === 'ready',
    placeholderData: (before) => before,
  });
  const run = async (work: () => Promise<unknown>) => {
    await attempt(work);
    await lookAgain();
  };
  const editing = useEditing(desk.id, takes, run);
  // What was marked before it was known where each word was said goes with its words.
  const seen = useRef(takes);
  useEffect(() => {
    const before = seen.current;
    seen.current = takes;
    setMarked((ranges) => {
      const moved = ranges.flatMap((range) => {
        const [old, now] = [before, takes].map((some) => some.find((each) => each.id === range.take));
        return old?.wordsAwaited && now && !now.wordsAwaited ? movedWith(range, old.words, now.words) : [range];
      });
      return moved.every((range, number) => range === ranges[number]) && moved.length === ranges.length
        ? ranges
        : moved;
    });
  }, [takes]);
  const isAwaited = marked.some((range) => takes.find((each) => each.id === range.take)?.wordsAwaited);
  const listening = useListening();
  const [isSaying, setSaying] = useState(false);
  const only = marked.length === 1 ? marked[0] : undefined;
  const again = isSaying ? takes.find((each) => each.id === only?.take) : undefined;
  const slides = useMemo(
    () =>
      desk.document.parts
        .flatMap((part) => part.slides)
        .filter((each) => !each.side)
        .map((each) => ({ slide: each, take: shownTake(takes, each.id, opened) })),
    [desk.document, takes, opened],
  );
  const keys = (event: KeyboardEvent) => {
    if (event.target instanceof HTMLInputElement || marked.length === 0) return;
    if (event.key !== 'Delete' && event.key !== 'Backspace') return;
    event.preventDefault();
    if (isAwaited) return;
    editing.cut(marked);
    setMarked([]);
  };

  if (known && !takes.some((each) => each.state !== 'recording')) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">Nothing has been recorded yet.</p>
        <RoomLink to="record">Go to the Record room</RoomLink>
      </main>
    );
  }

  return (
    <main className="mx-auto grid w-full max-w-[92rem] grow grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] gap-8 px-6 py-5">
      <section aria-label="What is seen" className="min-w-0">
        <fieldset className="mb-3 flex gap-2">
          <legend className="sr-only">What to play</legend>
          <Button aria-pressed={!isWhole} className={pressed(!isWhole)} onClick={() => setWhole(false)}>
            This slide
          </Button>
          <Button aria-pressed={isWhole} className={pressed(isWhole)} onClick={() => setWhole(true)}>
            The whole lesson
          </Button>
        </fieldset>
        {programme.data && programme.data.sounds.length > 0 && (
          <Preview
            key={`${isWhole}${take?.id}${editions}`}
            programme={programme.data}
            onSlide={isWhole ? desk.chooseSlide : undefined}
          />
        )}
        {programme.data && (
          <p className="mt-1 text-small text-quiet">
            With its pauses this takes {clock(programme.data.full / 1000)}. A change on a slide shows here without
            recording again.
          </p>
        )}
        {programme.isError && <Notice tone="trouble">{sentence(programme.error)}</Notice>}
        <Shorten lesson={desk.id} edition={editions} onCut={editing.cut} onListen={listening.play} />
        <CleanSound
          takes={takes.filter((each) => each.chosen && each.state === 'ready')}
          take={take?.state === 'ready' ? take : undefined}
          listening={listening}
          onEdit={editing.edit}
        />
        <CaptionsIn lesson={desk.id} onEdit={editing.edit} />
      </section>
      <section aria-label="What is heard" className="min-w-0" onKeyDown={keys}>
        <LessonText slides={slides} marked={marked} onMark={setMarked} editing={editing} listening={listening} />
        <div className="mt-3">
          <MarkedTools
            key={marked.map((range) => `${range.take}${range.from}-${range.to}`).join()}
            marked={marked}
            isAwaited={isAwaited}
            takes={takes}
            editing={editing}
            listening={listening}
            onSayAgain={() => setSaying(true)}
            onDone={() => setMarked([])}
          />
        </div>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        {again && only && (
          <SayAgain
            lesson={desk.id}
            take={again}
            range={only}
            onClose={() => setSaying(false)}
            onArrived={() => {
              setSaying(false);
              setMarked([]);
              setOpened(null);
              void lookAgain();
            }}
          />
        )}
        <div className="mt-3 border-t border-rule pt-3">
          <h2 className="mb-2 text-lg">{slide?.title || 'Slide without a title'}</h2>
          {mine.length === 0 && (
            <p className="py-2">This slide has no take yet. Record it, or go to another slide in the text.</p>
          )}
          <div className="flex flex-wrap items-center justify-between gap-2">
            {mine.length > 0 && <TakeChoice takes={mine} take={take} onOpen={setOpened} />}
            {take && take.state !== 'preparing' && (
              <div className="flex gap-2">
                {take.state === 'failed' && (
                  <Button look="main" onClick={() => void run(() => ask('POST', `/api/takes/${take.id}/prepare`))}>
                    Prepare again
                  </Button>
                )}
                {take.state === 'ready' && !take.chosen && (
                  <Button look="main" onClick={() => void run(() => ask('POST', `/api/takes/${take.id}/choose`))}>
                    Use this take in the lesson
                  </Button>
                )}
                <Button look="danger" onClick={() => void run(() => ask('DELETE', `/api/takes/${take.id}`))}>
                  Throw this take away
                </Button>
              </div>
            )}
          </div>
          {take?.state === 'failed' && <Notice tone="trouble">{take.trouble}</Notice>}
          {take?.state === 'ready' && (
            <Wave
              take={take}
              marked={marked.find((range) => range.take === take.id) ?? null}
              onMark={(range) => setMarked([{ ...range, take: take.id }])}
              onMove={(moved) => editing.edit({ [take.id]: { moved } })}
            />
          )}
          {take?.state === 'ready' &&
            take.footage.map((film) => (
              <div key={film.id} className="mt-3">
                <Tick
                  label={film.source === 'camera' ? 'The camera is seen' : 'The window is seen'}
                  checked={!film.leftOut}
                  onChange={(isSeen) =>
                    void run(() =>
                      ask('PUT', `/api/takes/${take.id}/footage/${film.id}/left-out`, { leftOut: !isSeen }),
                    )
                  }
                />
                {film.state !== 'ready' && (
                  <p className="text-small text-quiet">
                    {film.trouble ?? 'What was filmed is still being made ready.'}
                  </p>
                )}
              </div>
            ))}
        </div>
      </section>
    </main>
  );
}

/** The take that stands in the text: the one that is looked at, or the one in the lesson. */
function shownTake(takes: Take[], slide: string, opened: string | null): Take | undefined {
  const ready = takes.filter((take) => take.slide === slide && take.state === 'ready');
  return ready.find((take) => take.id === opened) ?? ready.find((take) => take.chosen) ?? ready[0];
}
