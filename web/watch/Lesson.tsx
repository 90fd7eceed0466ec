import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { GivenAnswer, VisitState, WatchedLesson } from '../answers.types';
import { useLatest } from '../latest';
import { untilAnswered } from '../request';
import { ClipsSeen, PlayingClip, useClips } from '../stage/ClipsSeen';
import { OutsideLinks } from '../stage/OutsideLinks';
import { usePlayer } from '../stage/Player';
import { inTallPictures, useIsUpright } from '../stage/page';
import { reachable } from '../stage/programme';
import { SeenStage, SideSlides } from '../stage/SideSlides';
import { Strip } from '../stage/Strip';
import { useSideTrip } from '../stage/sideTrip';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { AtThisMoment, MomentsSheet, useWriting } from './AtThisMoment';
import { Before } from './Before';
import { ClosedParts } from './ClosedParts';
import { Controls } from './Controls';
import { ExitCheck } from './ExitCheck';
import { FromTeacher } from './FromTeacher';
import type { LessonWork } from './kept/LessonWork';
import { StillToSend } from './kept/StillToSend';
import { useUnsent } from './kept/useUnsent';
import { LessonWorkProvider } from './kept/work';
import { LetterToSelf } from './LetterToSelf';
import { useLeaving } from './leaving';
import { useMoments } from './moments';
import { Pause } from './Pause';
import { ReadingChoices } from './reading/ReadingChoices';
import { SayOfAims } from './SayOfAims';
import { placeOf, stripOf } from './strip';
import { TakeOver, useTakeOver } from './TakeOver';
import { Transcript } from './Transcript';
import { useLessonKeys } from './useLessonKeys';
import { usePlaceKept } from './usePlaceKept';

/** Milliseconds of a step back that counts as hearing something again. */
const WENT_BACK = 3000;

/** Milliseconds within which several of them are one: a slider is drawn past many places. */
const SOON = 10_000;

interface LessonProps {
  work: LessonWork;
  lesson: WatchedLesson;
  onClose: () => void;
}

/** A lesson to watch: it stops at its pause points, and goes on when the student has tried. */
export function Lesson({ work, lesson: loaded, onClose }: LessonProps) {
  const { lesson: come, isComing, comeOn } = useComing(work, loaded);
  const { share: id } = work;
  const isUpright = useIsUpright();
  const lesson = useMemo(() => (isUpright ? inTallPictures(come) : come), [come, isUpright]);
  const player = usePlayer(lesson, startOf(loaded));
  const trip = useSideTrip(lesson, player);
  const clips = useClips(lesson, player);
  const taken = useTakeOver(id, lesson, player);
  const [answers, setAnswers] = useState(lesson.visit.answers);
  const [handedIn, setHandedIn] = useState(lesson.visit.handedIn);
  const know = useCallback((visit: VisitState) => {
    setAnswers(visit.answers);
    setHandedIn(visit.handedIn);
  }, []);
  const [hasBegun, setBegun] = useState(lesson.visit.position > 0);
  const [hasCaptions, setCaptions] = useState(true);
  const parts = useMemo(() => stripOf(lesson), [lesson]);
  const place = placeOf(lesson, player.at);
  // While a clip plays, it has captions of its own.
  const caption =
    hasCaptions && !clips.playing
      ? lesson.captions.find((each) => each.from <= player.at && player.at < each.to)?.text
      : undefined;
  const isOver = player.at >= lesson.length - 30;
  const exitCheck = lesson.pauses.filter((pause) => pause.exitCheck && pause.question);
  const isSentBack = (block: string) => answers[block]?.again === true;

  useEffect(() => {
    document.title = lesson.title;
  }, [lesson.title]);

  const moments = useMoments(work, loaded.visit.moments);
  const writing = useWriting(player);
  const wentBack = useRef(0);
  const seek = (at: number) => {
    if (at < player.at - WENT_BACK && Date.now() > wentBack.current + SOON) {
      wentBack.current = Date.now();
      moments.add('back', at);
    }
    player.seek(at);
  };

  usePlaceKept(work, player.at);
  useLessonKeys(player, trip.here !== null);
  const begin = () => {
    setBegun(true);
    player.play();
  };
  const took = (block: string, answer: GivenAnswer) => {
    setAnswers((before) => ({ ...before, [block]: answer }));
    void comeOn();
  };
  const unsent = useUnsent(work.student);
  // What was done with no connection comes back marked when it has been sent.
  const wereWaiting = useRef(0);
  useEffect(() => {
    const isSent = wereWaiting.current > 0 && unsent.waiting.length === 0;
    wereWaiting.current = unsent.waiting.length;
    if (isSent) void comeOn().then(({ visit }) => know(visit));
  }, [unsent.waiting.length, comeOn, know]);

  const task = (
    <>
      {player.waiting && !player.waiting.clip && (
        <Pause
          key={player.waiting.block}
          share={id}
          student={lesson.student}
          language={lesson.language}
          pause={player.waiting}
          answer={answers[player.waiting.block]}
          isLocked={handedIn}
          isReady={!isComing}
          onAnswer={took}
          onGoOn={player.goOn}
        />
      )}
      {!hasBegun && <Before lesson={lesson} />}
      {(!hasBegun || !player.isPlaying) && <ClosedParts lesson={lesson} />}
      <StillToSend {...unsent} />
      <FromTeacher lesson={lesson} answers={answers} onAnswer={took} />
      {((isOver && !clips.playing) || handedIn) && exitCheck.length > 0 && (
        <ExitCheck
          student={lesson.student}
          pauses={exitCheck.filter((pause) => !isSentBack(pause.block))}
          answers={answers}
          handedIn={handedIn}
          comparedFrom={lesson.comparedFrom}
          onAnswer={took}
          onHandedIn={(visit) => {
            know(visit);
            void comeOn();
          }}
        />
      )}
      {((isOver && !clips.playing && exitCheck.length === 0) || handedIn) && (
        <>
          <SayOfAims lesson={lesson} />
          <LetterToSelf moments={moments} at={player.at} />
        </>
      )}
      {isOver && !clips.playing && exitCheck.length === 0 && (
        <p className="py-4 text-lg">You have reached the end. {lesson.next && `Next: ${lesson.next}.`}</p>
      )}
      {lesson.handout && (
        <p className="mt-4 lg:order-last">
          <a href={lesson.handout} className="inline-block py-2 text-lg text-action underline" download>
            On paper (PDF)
          </a>
        </p>
      )}
      <Transcript lesson={lesson} at={player.at} answers={answers} onSeek={seek} />
    </>
  );

  return (
    <LessonWorkProvider value={work}>
      <div className="mx-auto max-w-[100rem] px-3 pb-16 sm:px-5 lg:pb-4">
        <header>
          <div className="flex flex-wrap items-center gap-x-1 py-2 sm:gap-x-3">
            <h1 className="min-w-0 grow basis-24 truncate text-lg sm:text-xl">{lesson.title}</h1>
            <ReadingChoices />
            <Button look="quiet" className="px-2!" onClick={onClose}>
              All lessons
            </Button>
          </div>
          <Strip
            parts={parts}
            current={place?.slide}
            place={place}
            onChoose={(slide) => {
              const found = lesson.chapters.find((each) => each.slide === slide);
              if (!found) return trip.visit(slide);
              trip.leave();
              seek(found.at);
            }}
          />
        </header>
        {/* Beside the slide, not under it, wherever there is room for both: who answers still sees what is asked about. */}
        <main className="mt-1 lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(20rem,26rem)] lg:items-start lg:gap-5">
          <div
            className="seen mx-auto w-full lg:sticky lg:top-2"
            style={{ maxWidth: isUpright ? undefined : 'max(20rem, calc((100dvh - 19rem) * 16 / 9))' }}
          >
            <div lang={lesson.language} className="relative border border-rule">
              <SeenStage programme={lesson} at={player.at} trip={trip} live={taken.live} />
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
                onBegin={begin}
                onSeek={seek}
                onCaptions={setCaptions}
              />
              {hasBegun && <AtThisMoment moments={moments} writing={writing} at={player.at} />}
              {player.trouble && <Notice tone="trouble">{player.trouble}</Notice>}
            </div>
          </div>
          <div className="lg:max-h-[calc(100dvh-8.5rem)] lg:overflow-y-auto lg:pr-1">
            <SideSlides programme={lesson} trip={trip} />
            {!trip.here && <ClipsSeen clips={clips} />}
            {!trip.here && hasBegun && <TakeOver taken={taken} />}
            <OutsideLinks programme={lesson} at={player.at} here={trip.here} onOpen={player.pause} />
            <div hidden={trip.here !== null}>
              {hasBegun && <MomentsSheet moments={moments} writing={writing} onSeek={player.seek} />}
              {task}
            </div>
          </div>
        </main>
      </div>
    </LessonWorkProvider>
  );
}

/** Where the student left off, as far as may be seen; a lesson that was watched to its end begins anew. */
function startOf(lesson: WatchedLesson): number {
  const { position } = lesson.visit;
  return position < lesson.length - 500 ? reachable(lesson, position) : 0;
}

/** The lesson as far as it has come: with every answer more of it is there. */
function useComing(work: LessonWork, loaded: WatchedLesson) {
  const [lesson, setLesson] = useState(loaded);
  const [coming, setComing] = useState(0);
  const leaving = useLeaving();
  const signal = useLatest(leaving);
  const comeOn = useCallback(async () => {
    setComing((before) => before + 1);
    try {
      const more = await untilAnswered(
        () => work.load(),
        () => undefined,
        signal.current(),
      );
      setLesson(more);
      return more;
    } finally {
      setComing((before) => before - 1);
    }
  }, [work, signal]);
  return { lesson, isComing: coming > 0, comeOn };
}
