import { type ReactNode, useMemo, useRef, useState } from 'react';
import type { WatchedLesson } from '../answers.types';
import { type Clips, PlayingClip } from '../stage/ClipsSeen';
import type { Live } from '../stage/live/useLive';
import type { Playing } from '../stage/Player';
import { useIsFlat, useIsUpright } from '../stage/page';
import { SeenStage } from '../stage/SideSlides';
import { Strip } from '../stage/Strip';
import type { SideTrip } from '../stage/sideTrip';
import { Notice } from '../ui/Notice';
import { Controls } from './Controls';
import { placeOf, stripOf } from './strip';
import { useWholeScreen } from './useWholeScreen';

interface LessonPageProps {
  lesson: WatchedLesson;
  player: Playing;
  trip: SideTrip;
  clips: Clips;
  /** A figure that the student works. */
  live?: Live;
  hasBegun: boolean;
  onBegin: () => void;
  onSeek: (at: number) => void;
  /** In the corner beside the title. */
  actions: ReactNode;
  /** What belongs to the moment: under the controls, and on a phone on its side beside the slide, where a task that waits comes first. */
  atMoment?: ReactNode;
  /** What there is to do, beside the slide or under it. */
  children: ReactNode;
}

/** A lesson as it is watched: the strip, the slide with its caption and controls, and what there is to do. */
export function LessonPage(props: LessonPageProps) {
  const { lesson, player, trip, clips, live, hasBegun, onBegin, onSeek, actions, atMoment, children } = props;
  const isUpright = useIsUpright();
  const isFlat = useIsFlat();
  const page = useRef<HTMLDivElement>(null);
  const main = useRef<HTMLElement>(null);
  const wholeScreen = useWholeScreen(page);
  const [hasCaptions, setCaptions] = useState(true);
  const parts = useMemo(() => stripOf(lesson), [lesson]);
  const place = placeOf(lesson, player.at);
  // While a clip plays, it has captions of its own.
  const caption =
    hasCaptions && !clips.playing
      ? lesson.captions.find((each) => each.from <= player.at && player.at < each.to)?.text
      : undefined;
  const moment = atMoment && <div hidden={trip.here !== null}>{atMoment}</div>;
  return (
    <div
      ref={page}
      className="lesson-page mx-auto max-w-[100rem] px-3 pb-16 sm:px-5 lg:pb-4 flat:flex flat:min-h-dvh flat:flex-col flat:px-2 flat:pb-1"
    >
      <button
        type="button"
        onClick={() => main.current?.focus()}
        className="sr-only focus:not-sr-only focus:absolute focus:z-10 focus:m-2 focus:border focus:border-ink focus:bg-paper focus:p-3"
      >
        Go past the strip, to the lesson
      </button>
      <header className="flat:flex flat:items-start flat:gap-3">
        <div className="flex flex-wrap items-center gap-x-1 py-1 sm:gap-x-3 sm:py-2 flat:order-last flat:flex-nowrap flat:py-1">
          <h1 className="min-w-0 grow basis-24 truncate text-lg sm:text-xl flat:sr-only">{lesson.title}</h1>
          {actions}
        </div>
        <Strip
          parts={parts}
          current={place?.slide}
          place={place}
          onChoose={(slide) => {
            const found = lesson.chapters.find((each) => each.slide === slide);
            if (!found) return trip.visit(slide);
            trip.leave();
            // When it opens is told while the lesson stands still.
            if (found.part in lesson.closed) return player.pause();
            onSeek(found.at);
          }}
        />
      </header>
      {/* Beside the slide, not under it, wherever there is room for both: who answers still sees what is asked about. */}
      <main
        ref={main}
        tabIndex={-1}
        className="mt-1 outline-none lg:grid lg:grid-cols-[minmax(0,1fr)_minmax(20rem,26rem)] lg:items-start lg:gap-5 flat:mt-0 flat:grid flat:grow flat:grid-cols-[minmax(0,1fr)_minmax(15rem,18rem)] flat:items-start flat:gap-3"
      >
        <div className={`mx-auto w-full lg:sticky lg:top-2 flat:sticky flat:top-1 ${isUpright ? '' : 'beside-task'}`}>
          <div className="seen relative">
            <div lang={lesson.language} className="relative border border-rule">
              <SeenStage programme={lesson} at={player.at} trip={trip} live={live} />
              <PlayingClip clips={clips} player={player} hasCaptions={hasCaptions} />
            </div>
            {!trip.here && (
              <p
                lang={lesson.language}
                className="caption flex min-h-14 items-center justify-center bg-ink px-3 py-1 text-center text-base text-white sm:min-h-16 sm:py-1.5 sm:text-lg sm:whitespace-pre-line"
                aria-hidden={!caption}
              >
                {caption}
              </p>
            )}
          </div>
          <div hidden={trip.here !== null}>
            <Controls
              player={player}
              length={lesson.length}
              hasBegun={hasBegun}
              hasCaptions={hasCaptions}
              wholeScreen={wholeScreen}
              onBegin={onBegin}
              onSeek={onSeek}
              onCaptions={setCaptions}
            />
            {player.trouble && <Notice tone="trouble">{player.trouble}</Notice>}
          </div>
          {!isFlat && moment}
        </div>
        <div className="lg:max-h-[calc(100dvh-8.5rem)] lg:overflow-y-auto lg:pr-1 flat:max-h-[calc(100dvh-4.25rem)] flat:overflow-y-auto">
          {isFlat && !player.waiting && moment}
          {children}
          {isFlat && player.waiting && moment}
        </div>
      </main>
    </div>
  );
}
