import { useEffect, useMemo, useRef, useState } from 'react';
import { clock, spokenTime } from '../clock';
import { ask } from '../request';
import { usePlayer } from '../stage/Player';
import { SeenStage, SideSlides } from '../stage/SideSlides';
import { Strip, type StripPart } from '../stage/Strip';
import { useSideTrip } from '../stage/sideTrip';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';
import { ExitCheck } from './ExitCheck';
import type { GivenAnswer, WatchedLesson } from './lesson';
import { Pause } from './Pause';
import { Transcript } from './Transcript';

const SPEEDS = [0.75, 1, 1.25, 1.5];

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

  const place = useRef(player.at);
  place.current = player.at;
  useEffect(() => {
    let told = -1;
    const tell = () => {
      const position = Math.round(place.current);
      if (position === told) return;
      told = position;
      ask('PUT', `/api/watch/${id}/place`, { position }).catch(() => {
        told = -1;
      });
    };
    const timer = setInterval(tell, 4000);
    const leaving = () => document.visibilityState === 'hidden' && tell();
    document.addEventListener('visibilitychange', leaving);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', leaving);
      tell();
    };
  }, [id]);

  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : null;
      if (target?.closest('input, textarea, select') || event.ctrlKey || event.metaKey || event.altKey) return;
      if (trip.here) return;
      if (event.key === ' ' && !target?.closest('button, summary, a'))
        (player.isPlaying ? player.pause : player.play)();
      else if (event.key === 'ArrowLeft') player.seek(player.at - 5000);
      else if (event.key === 'ArrowRight') player.seek(player.at + 5000);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [player, trip.here]);

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
          <div className="flex flex-wrap items-center gap-2 py-2">
            <Button
              look={player.waiting ? 'plain' : 'main'}
              className="min-h-12! min-w-24"
              disabled={player.waiting !== null}
              onClick={hasBegun ? (player.isPlaying ? player.pause : player.play) : begin}
            >
              {player.isPlaying ? 'Stop' : isOver ? 'Watch again' : hasBegun ? 'Go on' : 'Start'}
            </Button>
            <Button
              className="min-h-12!"
              onClick={() => player.seek(player.at - 10000)}
              aria-label="− 10 s: back ten seconds"
            >
              − 10 s
            </Button>
            <span className="tabular-nums">
              {clock(player.at / 1000)} / {clock(lesson.length / 1000)}
            </span>
            <label className="ml-auto flex items-center gap-2 text-[15px]">
              Speed
              <select
                value={player.speed}
                onChange={(event) => player.setSpeed(Number(event.target.value))}
                className="min-h-12 rounded border border-[#8d8a7d] bg-sheet px-2 text-base"
              >
                {SPEEDS.map((speed) => (
                  <option key={speed} value={speed}>
                    {speed === 1 ? 'normal' : `${speed} ×`}
                  </option>
                ))}
              </select>
            </label>
            <label className="flex min-h-12 items-center gap-2 text-[15px]">
              <input
                type="checkbox"
                className="size-5 accent-action"
                checked={hasCaptions}
                onChange={(event) => setCaptions(event.target.checked)}
              />
              Captions
            </label>
            <input
              type="range"
              aria-label="Place in the lesson"
              aria-valuetext={`${spokenTime(player.at / 1000)} of ${spokenTime(lesson.length / 1000)}`}
              min={0}
              max={lesson.length}
              step={1000}
              value={player.at}
              onChange={(event) => player.seek(Number(event.target.value))}
              className="h-8 w-full accent-action"
            />
          </div>
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

/** What to know before starting: what to do, what to have ready, what it is for. */
function Before({ lesson }: { lesson: WatchedLesson }) {
  return (
    <section className="mt-2 rounded border border-rule bg-sheet p-4" aria-label="Before you start">
      {lesson.instructions && <p className="mb-3 text-lg">{lesson.instructions}</p>}
      {lesson.before && <p className="mb-2">First: {lesson.before}</p>}
      {lesson.materials.length > 0 && <p className="mb-2">Have ready: {lesson.materials.join(', ')}.</p>}
      {lesson.aims.length > 0 && (
        <>
          <p>By the end you can</p>
          <ul className="list-disc pl-6">
            {lesson.aims.map((aim) => (
              <li key={aim}>{aim}</li>
            ))}
          </ul>
        </>
      )}
      {lesson.due && (
        <p className="mt-2">
          To be done by{' '}
          {new Date(lesson.due).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })}.
        </p>
      )}
    </section>
  );
}

function stripOf(lesson: WatchedLesson): StripPart[] {
  const parts: StripPart[] = [];
  for (const chapter of lesson.chapters) {
    const last = parts[parts.length - 1];
    const slide = {
      id: chapter.slide,
      title: chapter.title,
      planned: (chapter.until - chapter.at) / 1000,
      work: lesson.pauses
        .filter((pause) => pause.slide === chapter.slide)
        .reduce((sum, pause) => sum + pause.seconds, 0),
    };
    const lamps = sideSlidesOf(lesson, chapter.slide).map((id) => ({
      id,
      title: lesson.slides[id]?.title ?? '',
      side: true,
      planned: 0,
      work: 0,
    }));
    if (last?.kind === chapter.part) last.slides.push(slide, ...lamps);
    else parts.push({ id: chapter.slide, kind: chapter.part, slides: [slide, ...lamps] });
  }
  return parts;
}

/** The side slides that a slide of the lesson leads to. */
function sideSlidesOf(lesson: WatchedLesson, slide: string): string[] {
  return [...new Set(lesson.slides[slide]?.links?.map((link) => link.slide))];
}
