import { useEffect, useState } from 'react';
import type { TakeEvent } from '../../events.types';
import { useLatest } from '../../latest';
import type { Slide } from '../../lesson.types';
import type { Sending } from '../../outbox/Outbox';
import { LiveFilm } from '../../stage/Film';
import { LabelLayer } from '../../stage/live/LabelLayer';
import { dialRows, LiveDials } from '../../stage/live/LiveDials';
import { LiveLayer } from '../../stage/live/LiveLayer';
import { useLive } from '../../stage/live/useLive';
import { Stage } from '../../stage/Stage';
import { changesLeft } from '../../tracks/acts/done';
import { CAPTURES, type Place, useCaptures } from '../../tracks/capture';
import { type Done, doneBefore } from '../../tracks/done';
import { laidOut } from '../../tracks/layouts/note';
import { viewAt } from '../../tracks/views/show';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Key } from '../../ui/Key';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { useKinds } from '../lesson/kinds';
import { RoomLink } from '../lesson/RoomLink';
import { RATE, type Take, useTakes } from '../lesson/takes';
import { CaptureLayer } from './CaptureLayer';
import { filmOutbox } from './filmOutbox';
import { HAND, InkTray, inksOn, LABEL } from './InkTray';
import { outbox } from './outbox';
import { PlayedClip } from './PlayedClip';
import type { Continued } from './Recorder';
import { RecordingPanel } from './RecordingPanel';
import { UnfinishedTakes } from './UnfinishedTakes';
import { useCountdown } from './useCountdown';
import { useFilms } from './useFilms';
import { useHeldKey } from './useHeldKey';
import { usePlayedClip } from './usePlayedClip';
import { useRecording } from './useRecording';
import { useRecordingKeys } from './useRecordingKeys';
import { useSource } from './useSource';

const HELD_KEYS = CAPTURES.flatMap((capture) => capture.whileHeld?.key ?? []);

/** The slide, the script under the camera's place, one round control. */
export function Record() {
  const desk = useDesk();
  const everySlide = desk.document.parts.flatMap((part) => part.slides);
  const slides = everySlide.filter((each) => !each.side);
  const slide = slides.find((each) => each.id === desk.slide?.id) ?? slides[0];
  const chosen = useSource();
  const recording = useRecording(slides, slide, chosen);
  const [tool, setTool] = useState(HAND);
  const [chosenColour, setColour] = useState('');
  const { data: kinds } = useKinds();
  const inks = inksOn(kinds?.looks.find((look) => look.name === desk.document.look)?.dark === true);
  const colour = inks.find((ink) => ink.colour === chosenColour)?.colour ?? inks[0]?.colour ?? '#000000';
  const { takes = [], lookAgain } = useTakes();
  const sending = useSending(lookAgain);
  const shown = everySlide.find((each) => each.id === (recording.visiting ?? slide?.id));
  const { now, note, take } = recording;
  const seen = shown?.id ?? '';
  const held = useHeldKey(HELD_KEYS);
  const isThere = (id: string) => {
    const step = shown?.blocks.find((block) => block.id === id)?.step;
    return recording.visiting !== null || (shown?.steps.findIndex((each) => each.id === step) ?? 0) <= recording.step;
  };
  const boxes = Object.fromEntries(
    Object.entries(desk.scenes[seen]?.boxes ?? {})
      .filter(([id]) => isThere(id))
      .map(([id, [x, y, width, height]]) => [id, { x, y, width, height }]),
  );
  const blocks = Object.values(boxes);
  const labels = useLabelPlace();
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for every slide that is seen in a take
  useEffect(() => {
    const there = desk.scenes[seen]?.boxes;
    if (take !== null && there) note(laidOut(seen, there as Record<string, [number, number, number, number]>));
  }, [take, seen]);
  const captured = useCaptures({
    now,
    note,
    slide: seen,
    blocks,
    take: `${slide?.id} ${take}`,
    before: recording.before,
    tool,
    colour,
    held,
  });
  const live = useLive(
    recording.visiting || seen === '' ? null : `/api/lessons/${desk.id}/slides/${seen}/live`,
    `${take} ${desk.version}`,
    { note, step: recording.step, changes: changesLeft(recording.before, seen) },
  );
  const films = useFilms({ take: recording.phase === 'idle' ? null : take, now, note });
  const clip = usePlayedClip({
    take,
    slide: seen,
    // The take keeps the clips of its own slide, not of one that is visited.
    blocks: recording.visiting ? [] : (shown?.blocks ?? []).filter((block) => isThere(block.id)),
    media: desk.document.media,
    now,
    note,
  });
  const actions = [...captured.actions, films.action, ...clip.actions];
  const isTold = recording.step >= (slide?.steps.length ?? 1) - 1;
  const countdown = useCountdown(recording.toggle);
  const toggle = () => {
    if (countdown.left > 0) countdown.cancel();
    else if (recording.phase === 'idle' && countdown.isWanted) countdown.start();
    else recording.toggle();
  };
  useRecordingKeys({ ...recording, toggle, isTold }, actions, chosen.source !== null);

  if (!slide || !shown) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">There is nothing to record yet.</p>
        <RoomLink to="storyboard">Go to the Storyboard</RoomLink>
      </main>
    );
  }
  const isSettled = recording.phase === 'idle' && recording.visiting === null && sending?.pieces === 0;
  const from = isSettled ? startOf(recording.step, slide, takes) : null;
  const scene = desk.scenes[shown.id];
  const next = slides[slides.indexOf(slide) + 1];
  const nextScene = desk.scenes[next?.id ?? ''];

  return (
    <main className="grid grow grid-cols-[11rem_minmax(0,1fr)_15rem] gap-5 px-6 py-4">
      <InkTray tool={tool} inks={inks} colour={colour} onTool={setTool} onColour={setColour} actions={actions} />
      <div
        className="mx-auto flex w-full flex-col gap-3"
        style={{ maxWidth: `calc((100vh - ${19 + 2.9 * dialRows(live)}rem) * 16 / 9)`, minWidth: '32rem' }}
      >
        <div className="flex gap-4">
          <div aria-live="off" className="min-h-20 min-w-0 grow text-center">
            <p className="text-xl leading-snug">
              {slide.steps[recording.step]?.script || <span className="text-quiet">This step has no script.</span>}
            </p>
            {slide.steps[recording.step + 1] && (
              <p className="mt-1 truncate text-small text-quiet">Then: {slide.steps[recording.step + 1]?.script}</p>
            )}
          </div>
          {next && nextScene && (
            <figure className="hidden w-32 shrink-0 xl:block">
              <div className="border border-rule">
                <Stage
                  svg={nextScene.svg}
                  steps={next.steps.map((each) => each.id)}
                  step={0}
                  label={`The next slide: ${next.title}`}
                />
              </div>
              <figcaption className="text-center text-small text-quiet">Next slide</figcaption>
            </figure>
          )}
        </div>
        <div className={`border-2 ${recording.phase === 'recording' ? 'border-recording' : 'border-rule'}`}>
          {scene && (
            <Stage
              svg={scene.svg}
              steps={shown.steps.map((each) => each.id)}
              step={recording.visiting ? shown.steps.length - 1 : recording.step}
              label={scene.description || shown.title}
              states={live.states}
              view={viewAt(captured.tracks, now(), seen)}
              beside={
                films.camera &&
                films.place === 'beside' && <LiveFilm stream={films.camera} label="What the camera sees" fit="cover" />
              }
              instead={
                clip.playing ? (
                  <PlayedClip
                    key={clip.playing.block}
                    clip={clip.playing}
                    isWaiting={recording.phase === 'paused'}
                    onBegin={clip.began}
                    onEnd={clip.end}
                  />
                ) : films.window ? (
                  <LiveFilm stream={films.window} label="The window that is shown" fit="contain" />
                ) : (
                  films.camera &&
                  films.place === 'whole' && (
                    <LiveFilm stream={films.camera} label="What the camera sees" fit="contain" />
                  )
                )
              }
            >
              <CaptureLayer
                tracks={captured.tracks}
                slide={seen}
                isToolChosen={tool !== HAND}
                hand={tool === LABEL ? { ...captured.hand, ...labels.hand } : captured.hand}
                now={now}
                frame={captured.frame}
              >
                {tool === HAND && <LiveLayer live={live} />}
                {tool === LABEL && labels.at && (
                  <LabelLayer key={labels.at.join()} live={live} boxes={boxes} at={labels.at} onDone={labels.done} />
                )}
              </CaptureLayer>
            </Stage>
          )}
        </div>
        <LiveDials live={live} />
        <div className="flex flex-wrap items-center gap-2">
          <Button
            onClick={recording.reveal}
            disabled={isTold || recording.visiting !== null}
            look={recording.phase === 'recording' && !isTold ? 'main' : 'plain'}
          >
            Reveal the next step <Key>→</Key>
          </Button>
          <Button
            onClick={() => void recording.moveOn()}
            disabled={!next}
            look={recording.phase === 'recording' && isTold ? 'main' : 'plain'}
          >
            Next slide <Key>↓</Key>
          </Button>
          <span className="text-small text-quiet">
            Step {recording.step + 1} of {slide.steps.length}
          </span>
          <div className="ml-auto w-56">
            <Choice
              label="Look at another slide"
              hideLabel
              value={recording.visiting ?? ''}
              onChoose={recording.visit}
              choices={[
                { value: '', label: recording.visiting ? 'Back to this slide' : 'Look at another slide' },
                ...everySlide
                  .filter((each) => each.id !== slide.id)
                  .map((each) => ({ value: each.id, label: each.title || 'Slide without a title' })),
              ]}
            />
          </div>
        </div>
        {[chosen.trouble, recording.trouble, sending?.trouble, live.trouble].filter(Boolean).map((trouble) => (
          <Notice key={trouble} tone="trouble">
            {trouble}
          </Notice>
        ))}
        <UnfinishedTakes
          takes={takes.filter((take) => take.state === 'recording' && take.id !== recording.take)}
          isBusy={recording.phase !== 'idle' || sending?.pieces !== 0}
          onSettled={lookAgain}
        />
      </div>
      <RecordingPanel
        recording={recording}
        countdown={countdown}
        onToggle={toggle}
        chosen={chosen}
        films={films}
        onAgain={from ? () => void recording.again(from.continued, recording.step, from.before) : undefined}
        planned={desk.timing.slides[slide.id]?.spoken ?? 0}
        ready={takes.filter((take) => take.slide === slide.id && take.state !== 'recording').length}
        onTheirWay={sending?.pieces ?? 0}
      />
    </main>
  );
}

/** Where a label is to be typed. It begins when the press is over, or the press would take the keyboard away from it. */
function useLabelPlace() {
  const [pressed, setPressed] = useState<Place | null>(null);
  const [at, setAt] = useState<Place | null>(null);
  return { at, done: () => setAt(null), hand: { down: setPressed, up: () => setAt(pressed) } };
}

/**
 * Where a later step begins in the take that is in the lesson, and what was done until then; nothing where there is none, or a newer
 * one is being made ready.
 */
function startOf(step: number, slide: Slide, takes: Take[]): { continued: Continued; before: Done[] } | null {
  const own = takes.filter((each) => each.slide === slide.id);
  if (own.some((each) => each.state === 'preparing')) return null;
  const take = own.find((each) => each.chosen && each.state === 'ready');
  const events = (take?.events ?? []) as TakeEvent[];
  const reveal = events.find((event) => event.kind === 'step' && event.step === slide.steps[step]?.id);
  if (!take || !reveal || step === 0) return null;
  return {
    continued: { take: take.id, at: Math.round((reveal.at * RATE) / 1000) },
    before: doneBefore(events, reveal.at, slide.id),
  };
}

/** How far the sending is, once it is known what an earlier visit left; a take that has arrived is shown among the others. */
function useSending(onArrived: () => Promise<void>): Sending | null {
  const [sound, setSound] = useState<Sending | null>(null);
  const [films, setFilms] = useState<Sending | null>(null);
  const arrived = useLatest(onArrived);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the newest listener is read when a take arrives
  useEffect(() => {
    const stopTelling = outbox.onChange(setSound);
    const stopTellingFilms = filmOutbox.onChange(setFilms);
    const stopFinished = outbox.onFinished(() => void arrived.current());
    void outbox.work();
    void filmOutbox.work();
    return () => {
      stopTelling();
      stopTellingFilms();
      stopFinished();
    };
  }, []);
  if (!sound || !films) return null;
  return { pieces: sound.pieces + films.pieces, trouble: sound.trouble ?? films.trouble };
}
