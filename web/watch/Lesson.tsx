import { useEffect, useMemo, useState } from 'react';
import { usePlayer } from '../stage/Player';
import { SeenStage, SideSlides } from '../stage/SideSlides';
import { Strip } from '../stage/Strip';
import { useSideTrip } from '../stage/sideTrip';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { Before } from './Before';
import { Controls } from './Controls';
import { ExitCheck } from './ExitCheck';
import type { GivenAnswer, WatchedLesson } from './lesson';
import { Pause } from './Pause';
import { stripOf } from './strip';
import { Transcript } from './Transcript';
import { useLessonKeys } from './useLessonKeys';
import { usePlaceKept } from './usePlaceKept';

/** A lesson to watch: it stops at its pause points, and goes on when the student has tried. */
export function Lesson({ id, lesson, onClose }: { id: string; lesson: WatchedLesson; onClose: () => void }) {
  const player = usePlayer(lesson, lesson.visit.position < lesson.length - 500 ? lesson.visit.position : 0);
  const trip = useSideTrip(lesson, player);
  const [answers, setAnswers] = useState(lesson.visit.answers);
  const [handedIn, setHandedIn] = useState(lesson.visit.handedIn);
  const [hasBegun, setBegun] = useState(lesson.visit.position > 0);
  const [hasCaptions, setCaptions] = useState(true);
  const parts = useMemo(() => stripOf(lesson), [lesson]);
  const chapter = lesson.chapters.find((each) => player.at < each.until) ?? lesson.chapters[lesson.chapters.length - 1];
  const caption = hasCaptions
    ? lesson.captions.find((each) => each.from <= player.at && player.at < each.to)?.text
    : undefined;
  const isOver = player.at >= lesson.length - 30;
  const exitCheck = lesson.pauses.filter((pause) => pause.exitCheck && pause.question);

  useEffect(() => {
    document.title = lesson.title;
  }, [lesson.title]);

  usePlaceKept(id, player.at);
  useLessonKeys(player, trip.here !== null);
  const begin = () => {
    setBegun(true);
    player.play();
  };
  const took = (block: string, answer: GivenAnswer) => setAnswers((before) => ({ ...before, [block]: answer }));

  return (
    <div className="mx-auto max-w-5xl px-3 pb-16 sm:max-w-[min(64rem,calc((100dvh-17rem)*16/9))] sm:px-5">
      <header>
        <div className="flex items-center gap-3 py-2">
          <h1 className="min-w-0 grow truncate text-lg sm:text-xl">{lesson.title}</h1>
          <Button look="quiet" onClick={onClose}>
            All lessons
          </Button>
        </div>
        <Strip
          parts={parts}
          current={chapter?.slide}
          place={
            chapter
              ? {
                  slide: chapter.slide,
                  share: Math.min(1, Math.max(0, (player.at - chapter.at) / Math.max(1, chapter.until - chapter.at))),
                }
              : undefined
          }
          onChoose={(slide) => {
            const found = lesson.chapters.find((each) => each.slide === slide);
            if (!found) return trip.visit(slide);
            trip.leave();
            player.seek(found.at);
          }}
        />
      </header>
      <main>
        <div className="mt-1 border border-rule">
          <SeenStage programme={lesson} at={player.at} trip={trip} />
        </div>
        {!trip.here && (
          <p
            className="flex min-h-16 items-center justify-center bg-ink px-3 py-1.5 text-center text-base text-white sm:text-lg sm:whitespace-pre-line"
            aria-hidden={!caption}
          >
            {caption}
          </p>
        )}
        <SideSlides programme={lesson} trip={trip} />
        <div hidden={trip.here !== null}>
          <Controls
            player={player}
            length={lesson.length}
            hasBegun={hasBegun}
            hasCaptions={hasCaptions}
            onBegin={begin}
            onCaptions={setCaptions}
          />
          {player.trouble && <Notice tone="trouble">{player.trouble}</Notice>}
          {player.waiting && (
            <Pause
              key={player.waiting.block}
              share={id}
              student={lesson.student}
              pause={player.waiting}
              answer={answers[player.waiting.block]}
              isLocked={handedIn}
              onAnswer={took}
              onGoOn={player.goOn}
            />
          )}
          {!hasBegun && <Before lesson={lesson} />}
          {(isOver || handedIn) && exitCheck.length > 0 && (
            <ExitCheck
              share={id}
              student={lesson.student}
              pauses={exitCheck}
              answers={answers}
              handedIn={handedIn}
              onAnswer={took}
              onHandedIn={(visit) => {
                setHandedIn(true);
                setAnswers(visit.answers);
              }}
            />
          )}
          {isOver && exitCheck.length === 0 && (
            <p className="py-4 text-lg">You have reached the end. {lesson.next && `Next: ${lesson.next}.`}</p>
          )}
          {lesson.handout && (
            <p className="mt-4">
              <a href={lesson.handout} className="inline-block py-2 text-lg text-action underline" download>
                Practice on paper (PDF)
              </a>
            </p>
          )}
          <Transcript lesson={lesson} at={player.at} answers={answers} onSeek={player.seek} />
        </div>
      </main>
    </div>
  );
}
