import { useEffect, useMemo, useState } from 'react';
import type { GivenAnswer } from '../answers.types';
import { readable } from '../questions/readable';
import { ClipsSeen, useClips } from '../stage/ClipsSeen';
import { OutsideLinks } from '../stage/OutsideLinks';
import { usePlayer } from '../stage/Player';
import { inTallPictures, useIsUpright } from '../stage/page';
import { SideSlides } from '../stage/SideSlides';
import { useSideTrip } from '../stage/sideTrip';
import { Before } from '../watch/Before';
import { LessonPage } from '../watch/LessonPage';
import { ReadingChoices } from '../watch/reading/ReadingChoices';
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
  const answers = useMemo(() => asGiven(lesson, tried), [lesson, tried]);
  const open = player.waiting && !player.waiting.clip ? player.waiting : null;
  const { share } = scored(lesson, tried);
  return (
    <LessonPage
      lesson={lesson}
      player={player}
      trip={trip}
      clips={clips}
      hasBegun={hasBegun}
      onBegin={() => {
        setBegun(true);
        player.play();
      }}
      onSeek={player.seek}
      actions={<ReadingChoices />}
    >
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
    </LessonPage>
  );
}

function asGiven(lesson: PackagedLesson, tried: Tried): Record<string, GivenAnswer> {
  const question = (block: string) => lesson.pauses.find((pause) => pause.block === block)?.question ?? null;
  return Object.fromEntries(
    Object.entries(tried).map(([block, { given }]) => [block, { given, readable: readable(question(block), given) }]),
  );
}

function read(state: string): Remembered {
  try {
    const { at, tried } = JSON.parse(state) as Remembered;
    return { at: Number(at) || 0, tried: tried ?? {} };
  } catch {
    return { at: 0, tried: {} };
  }
}
