import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
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
import { RATE, useTakes } from '../lesson/takes';
import { TakeEditor } from './TakeEditor';

/** Listen, choose among takes, cut what should not be heard. */
export function Edit() {
  const desk = useDesk();
  const [trouble, attempt] = useTrouble();
  const [isWhole, setWhole] = useState(false);
  const { takes, lookAgain } = useTakes();
  const slide = desk.slide;
  const mine = (takes ?? []).filter((take) => take.slide === slide?.id && take.state !== 'recording');
  const [opened, setOpened] = useState<string | null>(null);
  const take = mine.find((each) => each.id === opened) ?? mine.find((each) => each.chosen) ?? mine[0];
  const editions = (takes ?? [])
    .map((each) => each.edition + each.chosen + each.footage.map((film) => film.state + film.leftOut).join())
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

  if (takes && !takes.some((each) => each.state !== 'recording')) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">Nothing has been recorded yet.</p>
        <RoomLink to="record">Go to the Record room</RoomLink>
      </main>
    );
  }

  return (
    <main className="mx-auto grid w-full max-w-[92rem] grow grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-8 px-6 py-5">
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
      </section>
      <section aria-label="What is heard" className="min-w-0">
        <h2 className="mb-1 text-xl">{slide?.title || 'Slide without a title'}</h2>
        {mine.length === 0 && (
          <p className="py-4">This slide has no take yet. Record it, or go to another slide on the strip above.</p>
        )}
        {mine.length > 0 && (
          <ul className="mb-4 flex flex-wrap gap-2" aria-label="Takes of this slide">
            {mine.map((each, index) => (
              <li key={each.id}>
                <button
                  type="button"
                  aria-pressed={each.id === take?.id}
                  onClick={() => setOpened(each.id)}
                  className={`min-h-11 rounded border px-3 py-1 text-left bg-sheet border-edge ${pressed(each.id === take?.id)}`}
                >
                  Take {index + 1}, {clock(each.length / RATE)}
                  <span className="block text-small text-quiet">
                    {each.state === 'preparing'
                      ? 'being prepared'
                      : each.state === 'failed'
                        ? 'cannot be read'
                        : each.chosen
                          ? 'in the lesson'
                          : 'kept aside'}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        )}
        {take?.state === 'failed' && (
          <>
            <Notice tone="trouble">{take.trouble}</Notice>
            <div className="mt-3 flex gap-2">
              <Button look="main" onClick={() => void run(() => ask('POST', `/api/takes/${take.id}/prepare`))}>
                Prepare again
              </Button>
              <Button look="danger" onClick={() => void run(() => ask('DELETE', `/api/takes/${take.id}`))}>
                Throw this take away
              </Button>
            </div>
          </>
        )}
        {take?.state === 'ready' && (
          <>
            <TakeEditor
              key={take.id}
              take={take}
              onCuts={(cuts) => run(() => ask('PUT', `/api/takes/${take.id}/cuts`, { cuts }))}
            />
            {take.footage.map((film) => (
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
            <div className="mt-5 flex gap-2 border-t border-rule pt-4">
              {!take.chosen && (
                <Button look="main" onClick={() => void run(() => ask('POST', `/api/takes/${take.id}/choose`))}>
                  Use this take in the lesson
                </Button>
              )}
              <Button look="danger" onClick={() => void run(() => ask('DELETE', `/api/takes/${take.id}`))}>
                Throw this take away
              </Button>
            </div>
          </>
        )}
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
      </section>
    </main>
  );
}

/** Which of two is chosen, told apart from the one action that comes next. */
function pressed(isPressed: boolean): string {
  return isPressed ? 'border-2 border-action! bg-action-ground!' : '';
}
