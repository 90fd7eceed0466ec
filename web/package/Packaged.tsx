import { useEffect, useMemo, useState } from 'react';
import type { GivenAnswer } from '../answers.types';
import { ClipsSeen, PlayingClip, useClips } from '../stage/ClipsSeen';
import { OutsideLinks } from '../stage/OutsideLinks';
import { usePlayer } from '../stage/Player';
import { inTallPictures, useIsUpright } from '../stage/page';
import { SeenStage, SideSlides } from '../stage/SideSlides';
import { Strip } from '../stage/Strip';
import { useSideTrip } from '../stage/sideTrip';
import { Notice } from '../ui/Notice';
import { Before } from '../watch/Before';
import { Controls } from '../watch/Controls';
import { ReadingChoices } from '../watch/reading/ReadingChoices';
import { placeOf, stripOf } from '../watch/strip';
import { Transcript } from '../watch/Transcript';
import { useLessonKeys } from '../watch/useLessonKeys';
import type { Platform } from './learningPlatform';
import { type PackagedLesson, scored, type Tried } from './packaged';
import { TryIt } from './TryIt';

interface Remembered {
  at: number;
  tried: Tried;
}

/** A lesson that was taken away: it plays with no server, and remembers what was tried where it was opened. */
export function Packaged({ lesson: taken, platform }: { lesson: PackagedLesson; platform: Platform }) {
  const isUpright = useIsUpright();
  const lesson = useMemo(() => (isUpright ? inTallPictures(taken) : taken), [taken, isUpright]);
  const [before] = useState(() => read(platform.remembered()));
  const player = usePlayer(lesson, before.at < lesson.length - 500 ? before.at : 0);
  const trip = useSideTrip(lesson, player);
  const clips = useClips(lesson, player);
  const [tried, setTried] = useState(before.tried);
  const [hasBegun, setBegun] = useState(before.at > 0);
  const [hasCaptions, setCaptions] = useState(true);
  const parts = useMemo(() => stripOf(lesson), [lesson]);
  const place = placeOf(lesson, player.at);
  const isOver = player.at >= lesson.length - 30;
  const second = Math.floor(player.at / 5000);
  // Every few seconds, and whenever something was tried.
  // biome-ignore lint/correctness/useExhaustiveDependencies: not at every frame
  useEffect(() => {
    if (player.at > 0) platform.remember(JSON.stringify({ at: Math.round(player.at), tried }));
  }, [platform, tried, second, isOver]);
  useEffect(() => {
    const { share, isAllTried } = scored(lesson, tried);
    if (hasBegun) platform.tell(share, isOver && isAllTried);
  }, [platform, lesson, tried, isOver, hasBegun]);
  useEffect(() => {
    window.addEventListener('pagehide', platform.leave);
    return () => window.removeEventListener('pagehide', platform.leave);
  }, [platform]);
  useLessonKeys(player, trip.here !== null);
  const answers = useMemo(() => asGiven(tried), [tried]);
  const caption =
    hasCaptions && !clips.playing
      ? lesson.captions.find((each) => each.from <= player.at && player.at < each.to)?.text
      : undefined;
  const open = player.waiting && !player.waiting.clip ? player.waiting : null;
  const { share } = scored(lesson, tried);
  return (
    <div className="mx-auto max-w-[100rem] px-3 pb-16 sm:px-5 lg:pb-4">
      <header>
        <div className="flex flex-wrap items-center gap-x-3 py-2">
          <h1 className="min-w-0 grow basis-24 truncate text-lg sm:text-xl">{lesson.title}</h1>
          <ReadingChoices />
        </div>
        <Strip
          parts={parts}
          current={place?.slide}
          place={place}
          onChoose={(slide) => {
            const found = lesson.chapters.find((each) => each.slide === slide);
            if (!found) return trip.visit(slide);
            trip.leave();
            player.seek(found.at);
          }}
        />
      </header>
      <main className="mt-1 lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(20rem,26rem)] lg:items-start lg:gap-5">
        <div
          className="seen mx-auto w-full lg:sticky lg:top-2"
          style={{ maxWidth: isUpright ? undefined : 'max(20rem, calc((100dvh - 19rem) * 16 / 9))' }}
        >
          <div lang={lesson.language} className="relative border border-rule">
            <SeenStage programme={lesson} at={player.at} trip={trip} />
            <PlayingClip clips={clips} player={player} hasCaptions={hasCaptions} />
          </div>
          {!trip.here && (
            <p
              lang={lesson.language}
              className="caption flex min-h-16 items-center justify-center bg-ink px-3 py-1.5 text-center text-base text-white sm:text-lg sm:whitespace-pre-line"
              aria-hidden={!caption}
            >
              {caption}
            </p>
          )}
          <div hidden={trip.here !== null}>
            <Controls
              player={player}
              length={lesson.length}
              hasBegun={hasBegun}
              hasCaptions={hasCaptions}
              onBegin={() => {
                setBegun(true);
                player.play();
              }}
              onSeek={player.seek}
              onCaptions={setCaptions}
            />
            {player.trouble && <Notice tone="trouble">{player.trouble}</Notice>}
          </div>
        </div>
        <div className="lg:max-h-[calc(100dvh-8.5rem)] lg:overflow-y-auto lg:pr-1">
          <SideSlides programme={lesson} trip={trip} />
          {!trip.here && <ClipsSeen clips={clips} />}
          <OutsideLinks programme={lesson} at={player.at} here={trip.here} onOpen={player.pause} />
          <div hidden={trip.here !== null}>
            {open && (
              <TryIt
                key={open.block}
                pause={open}
                known={lesson.answers[open.block]}
                tried={tried[open.block]}
                onTried={(now) => setTried((all) => ({ ...all, [open.block]: now }))}
                onGoOn={player.goOn}
              />
            )}
            {!hasBegun && <Before lesson={lesson} />}
            {isOver && !clips.playing && (
              <p className="py-4 text-lg">
                You have reached the end, with {Math.round(share * 100)}% of the questions right.{' '}
                {lesson.next && `Next: ${lesson.next}.`}
              </p>
            )}
            <Transcript lesson={lesson} at={player.at} answers={answers} onSeek={player.seek} />
          </div>
        </div>
      </main>
    </div>
  );
}

function asGiven(tried: Tried): Record<string, GivenAnswer> {
  return Object.fromEntries(Object.entries(tried).map(([block, { given }]) => [block, { given, readable: given }]));
}

function read(state: string): Remembered {
  try {
    const { at, tried } = JSON.parse(state) as Remembered;
    return { at: Number(at) || 0, tried: tried ?? {} };
  } catch {
    return { at: 0, tried: {} };
  }
}
