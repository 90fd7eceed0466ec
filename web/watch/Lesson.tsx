import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { GivenAnswer, PausePoint, VisitState, WatchedLesson } from '../answers.types';
import { useLatest } from '../latest';
import { untilAnswered } from '../request';
import { ClipsSeen, useClips } from '../stage/ClipsSeen';
import { OutsideLinks } from '../stage/OutsideLinks';
import { usePlayer } from '../stage/Player';
import { ProgrammeStage } from '../stage/ProgrammeStage';
import { inTallPictures, useIsUpright } from '../stage/page';
import { reachable } from '../stage/programme';
import { SideSlides } from '../stage/SideSlides';
import { useSideTrip } from '../stage/sideTrip';
import { Button } from '../ui/Button';
import { AtThisMoment, MomentsSheet, useWriting } from './AtThisMoment';
import { AskedSlideProvider } from './askedSlide';
import { Before } from './Before';
import { ClosedParts } from './ClosedParts';
import { ExitCheck } from './ExitCheck';
import { FromTeacher } from './FromTeacher';
import type { LessonWork } from './kept/LessonWork';
import { StillToSend } from './kept/StillToSend';
import { useUnsent } from './kept/useUnsent';
import { LessonWorkProvider } from './kept/work';
import { LessonPage } from './LessonPage';
import { LetterToSelf } from './LetterToSelf';
import { useLeaving } from './leaving';
import { useMoments } from './moments';
import { Pause } from './Pause';
import { ReadingChoices } from './reading/ReadingChoices';
import { SayAfter } from './SayAfter';
import { SayOfAims } from './SayOfAims';
import { step } from './step';
import { TakeOver, useTakeOver } from './TakeOver';
import { Transcript } from './Transcript';
import { useLessonKeys } from './useLessonKeys';
import { usePlaceKept } from './usePlaceKept';

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
  const isOver = player.at >= lesson.length - 30;
  const exitCheck = lesson.pauses.filter((pause) => pause.exitCheck && pause.question);
  const isSentBack = (block: string) => answers[block]?.again === true;

  useEffect(() => {
    document.title = lesson.title;
  }, [lesson.title]);

  const moments = useMoments(work, loaded.visit.moments);
  const writing = useWriting(player);
  const wentBack = useRef(0);
  const seek = (wanted: number) => {
    const { at, isAgain } = step(player.at, wanted);
    if (isAgain && Date.now() > wentBack.current + SOON) {
      wentBack.current = Date.now();
      moments.add('back', at);
    }
    player.seek(at);
  };

  usePlaceKept(work, player.at, player.isPlaying);
  useLessonKeys(player, trip.here !== null);
  const begin = () => {
    setBegun(true);
    player.play();
  };
  const took = (block: string, answer: GivenAnswer) => {
    setAnswers((before) => ({ ...before, [block]: answer }));
    void comeOn();
  };
  // Just before its own moment: what is revealed after it is the answer.
  const slideOf = (pause: PausePoint) => <ProgrammeStage programme={come} at={Math.max(0, pause.at - 1)} />;
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
      <AskedSlideProvider value={slideOf}>
        <LessonPage
          lesson={lesson}
          player={player}
          trip={trip}
          clips={clips}
          live={taken.live}
          hasBegun={hasBegun}
          onBegin={begin}
          onSeek={seek}
          actions={
            <>
              <ReadingChoices />
              <Button look="quiet" className="px-2!" onClick={onClose}>
                All lessons
              </Button>
            </>
          }
          atMoment={hasBegun && <AtThisMoment moments={moments} writing={writing} at={player.at} />}
        >
          <SideSlides programme={lesson} trip={trip} />
          {!trip.here && <ClipsSeen clips={clips} />}
          {!trip.here && hasBegun && <TakeOver taken={taken} />}
          <OutsideLinks programme={lesson} at={player.at} here={trip.here} onOpen={player.pause} />
          <div hidden={trip.here !== null}>
            {hasBegun && <MomentsSheet moments={moments} writing={writing} onSeek={player.seek} />}
            {task}
            {hasBegun && <SayAfter onBegin={player.pause} />}
          </div>
        </LessonPage>
      </AskedSlideProvider>
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
