import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { clock } from '../../clock';
import { ask, send, sentence } from '../../request';
import type { Stroke } from '../../stage/programme';
import { Stage } from '../../stage/Stage';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import { RoomLink } from '../lesson/RoomLink';
import type { Take } from '../lesson/takes';
import { DrawingLayer, type Tool } from './DrawingLayer';
import { InkTray } from './InkTray';
import { LevelBar } from './LevelBar';
import { openMicrophone, openPracticeVoice, type Source, useLevel } from './microphone';
import { outbox, type Sending } from './outbox';
import { Recorder } from './Recorder';
import { UnfinishedTakes } from './UnfinishedTakes';

type State = 'idle' | 'recording' | 'paused';

const PRACTICE = 'practice';

/** The slide, the script under the camera's place, one round control. */
export function Record() {
  const desk = useDesk();
  const queries = useQueryClient();
  const [sending, setSending] = useState<Sending>({ pieces: 0, trouble: null });
  const [device, setDevice] = useState<string>('');
  const [source, setSource] = useState<Source | null>(null);
  const [state, setState] = useState<State>('idle');
  const [step, setStep] = useState(0);
  const [visiting, setVisiting] = useState<string | null>(null);
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [tool, setTool] = useState<Tool>('none');
  const [colour, setColour] = useState('#B3261E');
  const [trouble, setTrouble] = useState('');
  const [elapsed, setElapsed] = useState(0);
  const recorder = useRef<Recorder | null>(null);
  const lines = useRef(new Map<string, ArrayBuffer>());
  const level = useLevel(source?.stream ?? null);
  const takes = useQuery({
    queryKey: ['takes', desk.id],
    queryFn: () => ask<Take[]>('GET', `/api/lessons/${desk.id}/takes`),
  });
  const slides = desk.document.parts.flatMap((part) => part.slides).filter((slide) => !slide.side);
  const slide = slides.find((each) => each.id === desk.slide?.id) ?? slides[0];
  const shown = visiting
    ? desk.document.parts.flatMap((part) => part.slides).find((each) => each.id === visiting)
    : slide;

  useEffect(() => {
    const stopTelling = outbox.onChange(setSending);
    const stopFinished = outbox.onFinished(() => {
      void queries.invalidateQueries({ queryKey: ['takes', desk.id] });
      setTimeout(() => void desk.refresh(), 1500);
    });
    void outbox.work();
    return () => {
      stopTelling();
      stopFinished();
    };
  }, [queries, desk.id, desk.refresh]);

  useEffect(() => {
    const leaving = () => recorder.current?.flush();
    window.addEventListener('pagehide', leaving);
    return () => {
      window.removeEventListener('pagehide', leaving);
      void recorder.current?.stop();
    };
  }, []);

  useEffect(() => () => source?.close(), [source]);

  useEffect(() => {
    const track = source?.stream.getAudioTracks()[0];
    const lost = () => {
      const at = recorder.current ? ` at ${clock(recorder.current.now() / 1000)}` : '';
      void end();
      setSource(null);
      setTrouble(
        `The microphone went away${at}. What was said until then is kept. Plug it in, choose it again, and record this slide again.`,
      );
    };
    track?.addEventListener('ended', lost);
    return () => track?.removeEventListener('ended', lost);
  });

  useEffect(() => {
    if (state === 'idle') return;
    const timer = setInterval(() => setElapsed((recorder.current?.now() ?? 0) / 1000), 250);
    return () => clearInterval(timer);
  }, [state]);

  const devices = useQuery({
    queryKey: ['microphones', source?.kind],
    queryFn: async () =>
      (await navigator.mediaDevices.enumerateDevices()).filter(
        (each) => each.kind === 'audioinput' && each.deviceId !== '',
      ),
    staleTime: 0,
  });

  const open = async (choice: string) => {
    setDevice(choice);
    setTrouble('');
    try {
      const opened =
        choice === PRACTICE
          ? await openPracticeVoice()
          : await openMicrophone(choice === 'default' ? undefined : choice);
      setSource(opened);
    } catch {
      setSource(null);
      setTrouble(
        'No microphone can be heard. Allow it in the browser’s address bar, plug one in, or choose the practice voice.',
      );
    }
  };

  const say = useCallback(
    async (script: string) => {
      if (!source?.speak) return;
      try {
        let wav = lines.current.get(script);
        if (!wav) {
          wav = await (await send('POST', `/api/lessons/${desk.id}/voice`, { script })).arrayBuffer();
          lines.current.set(script, wav);
        }
        await source.speak(wav);
      } catch (error) {
        setTrouble(sentence(error));
      }
    },
    [source, desk.id],
  );

  const begin = useCallback(
    (id: string) => {
      if (!source) return;
      const next = new Recorder(outbox, source.stream, desk.id, id, source.kind);
      recorder.current = next;
      next.start();
      setState('recording');
      setStep(0);
      setStrokes([]);
      setVisiting(null);
      setElapsed(0);
      void say(slides.find((each) => each.id === id)?.steps[0]?.script ?? '');
    },
    [source, desk.id, say, slides],
  );

  const end = useCallback(async () => {
    const ending = recorder.current;
    recorder.current = null;
    source?.hush?.();
    setState('idle');
    await ending?.stop();
  }, [source]);

  const reveal = () => {
    if (!slide || visiting || state === 'paused') return;
    const next = slide.steps[step + 1];
    if (!next) return;
    recorder.current?.note({ kind: 'step', step: next.id });
    setStep(step + 1);
    if (state === 'recording') void say(next.script);
  };

  const moveOn = async () => {
    const next = slides[slides.findIndex((each) => each.id === slide?.id) + 1];
    const wasRecording = state !== 'idle';
    if (wasRecording) await end();
    if (!next) return;
    desk.chooseSlide(next.id);
    setStep(0);
    setStrokes([]);
    if (wasRecording) begin(next.id);
  };

  const throwAway = async () => {
    const gone = recorder.current;
    if (!gone || !slide) return;
    await end();
    await outbox.forget(gone.id);
    await ask('DELETE', `/api/takes/${gone.id}`).catch(() => undefined);
    begin(slide.id);
  };

  const pause = () => {
    if (state === 'idle') return;
    recorder.current?.setPaused(state === 'recording');
    if (state === 'recording') source?.hush?.();
    setState(state === 'recording' ? 'paused' : 'recording');
  };

  const visit = (id: string) => {
    recorder.current?.note(id === '' ? { kind: 'return' } : { kind: 'visit', slide: id });
    setVisiting(id === '' ? null : id);
  };

  const wipe = () => {
    recorder.current?.note({ kind: 'wipe' });
    setStrokes((before) => before.filter((stroke) => stroke.slide !== shown?.id));
  };

  // Another slide on the strip is another visit: what is being recorded ends with this one, and begins anew with that one.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the slide changes
  useEffect(() => {
    setStep(0);
    setStrokes([]);
    setVisiting(null);
    if (slide && recorder.current && recorder.current.slide !== slide.id) void end().then(() => begin(slide.id));
  }, [slide?.id]);

  const toggle = () => {
    if (state !== 'idle') void end();
    else if (slide) begin(slide.id);
  };

  const keys = useRef<(event: KeyboardEvent) => void>(() => undefined);
  keys.current = (event) => {
    const target = event.target instanceof HTMLElement ? event.target : null;
    if (event.ctrlKey || event.metaKey || event.altKey || target?.closest('input, textarea, select')) return;
    const key = event.key.toLowerCase();
    const isButton = target?.closest('button, a, summary') !== null;
    if (event.key === 'ArrowRight' || (event.key === ' ' && !isButton)) reveal();
    else if (event.key === 'ArrowDown' || (event.key === 'Enter' && !isButton)) void moveOn();
    else if (key === 's' && source) toggle();
    else if (key === 'p') pause();
    else if (key === 'w') wipe();
    else if (key === 'x') void throwAway();
    else return;
    event.preventDefault();
  };
  useEffect(() => {
    const listen = (event: KeyboardEvent) => keys.current(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);

  if (!slide || !shown) {
    return (
      <main className="p-12 text-center">
        <p className="mb-4 text-lg">There is nothing to record yet.</p>
        <RoomLink to="storyboard">Go to the Storyboard</RoomLink>
      </main>
    );
  }
  const scene = desk.scenes[shown.id];
  const planned = desk.timing.slides[slide.id]?.spoken ?? 0;
  const isLast = slides[slides.length - 1]?.id === slide.id;
  const isTold = step >= slide.steps.length - 1;
  const ready = (takes.data ?? []).filter((take) => take.slide === slide.id && take.state !== 'recording').length;

  return (
    <main className="grid grow grid-cols-[5.5rem_minmax(0,1fr)_15rem] gap-5 px-6 py-4">
      <InkTray tool={tool} colour={colour} onTool={setTool} onColour={setColour} onWipe={wipe} />
      <div
        className="mx-auto flex w-full flex-col gap-3"
        style={{ maxWidth: 'calc((100vh - 19rem) * 16 / 9)', minWidth: '32rem' }}
      >
        <div aria-live="off" className="min-h-20 text-center">
          <p className="text-xl leading-snug">
            {slide.steps[step]?.script || <span className="text-quiet">This step has no script.</span>}
          </p>
          {slide.steps[step + 1] && (
            <p className="mt-1 truncate text-[15px] text-quiet">Then: {slide.steps[step + 1]?.script}</p>
          )}
        </div>
        <div className={`border-2 ${state === 'recording' ? 'border-recording' : 'border-rule'}`}>
          {scene && (
            <Stage
              svg={scene.svg}
              steps={shown.steps.map((each) => each.id)}
              step={visiting ? shown.steps.length - 1 : step}
              label={scene.description || shown.title}
            >
              <DrawingLayer
                tool={tool}
                colour={colour}
                strokes={strokes.filter((stroke) => stroke.slide === shown.id)}
                now={() => recorder.current?.now() ?? performance.now()}
                onStroke={(stroke) => {
                  setStrokes((before) => [...before, { ...stroke, slide: shown.id }]);
                  if (stroke.tool === 'pen' || stroke.tool === 'marker')
                    recorder.current?.note({
                      kind: 'ink',
                      at: stroke.at,
                      tool: stroke.tool,
                      colour: stroke.colour,
                      width: stroke.width,
                      points: stroke.points,
                    });
                }}
                onPoint={(point) => recorder.current?.note({ kind: 'point', ...point })}
              />
            </Stage>
          )}
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <Button
            onClick={reveal}
            disabled={isTold || visiting !== null}
            look={state === 'recording' && !isTold ? 'main' : 'plain'}
          >
            Reveal the next step <Key>→</Key>
          </Button>
          <Button
            onClick={() => void moveOn()}
            disabled={isLast}
            look={state === 'recording' && isTold ? 'main' : 'plain'}
          >
            Next slide <Key>↓</Key>
          </Button>
          <span className="text-[15px] text-quiet">
            Step {step + 1} of {slide.steps.length}
          </span>
          <div className="ml-auto w-56">
            <Choice
              label="Look at another slide"
              hideLabel
              value={visiting ?? ''}
              onChoose={visit}
              choices={[
                { value: '', label: visiting ? 'Back to this slide' : 'Look at another slide' },
                ...desk.document.parts
                  .flatMap((part) => part.slides)
                  .filter((each) => each.id !== slide.id)
                  .map((each) => ({ value: each.id, label: each.title || 'Slide without a title' })),
              ]}
            />
          </div>
        </div>
        {trouble && <Notice tone="trouble">{trouble}</Notice>}
        {sending.trouble && <Notice tone="trouble">{sending.trouble}</Notice>}
        <UnfinishedTakes
          takes={(takes.data ?? []).filter((take) => take.state === 'recording' && take.id !== recorder.current?.id)}
          isBusy={state !== 'idle' || sending.pieces > 0}
          onSettled={() => void takes.refetch()}
        />
      </div>
      <aside className="flex flex-col items-center gap-4" aria-label="Recording">
        {source === null ? (
          <div className="flex flex-col gap-3">
            <p>Choose what to record with.</p>
            <Button look="main" onClick={() => void open('default')}>
              Use the microphone
            </Button>
            <Button onClick={() => void open(PRACTICE)}>Use the practice voice</Button>
            <p className="text-[15px] text-quiet">
              The practice voice reads your script aloud. It needs no microphone.
            </p>
          </div>
        ) : (
          <>
            <button
              type="button"
              onClick={toggle}
              aria-label={state === 'idle' ? 'Start recording this slide' : 'Stop recording'}
              className={`flex size-28 items-center justify-center rounded-full border-4 ${state === 'idle' ? 'border-recording bg-sheet' : 'border-recording bg-recording'}`}
            >
              <span className={state === 'idle' ? 'size-16 rounded-full bg-recording' : 'size-10 rounded bg-white'} />
            </button>
            <p className="text-center">
              <span role="status" className="block font-semibold">
                {state === 'idle' ? 'Ready' : state === 'paused' ? 'Paused' : 'Recording'}
              </span>
              <span className={`text-2xl ${elapsed > planned && state !== 'idle' ? 'text-recording' : ''}`}>
                {clock(state === 'idle' ? 0 : elapsed)}
              </span>
              <span className="block text-[15px] text-quiet">of {clock(planned)} planned</span>
            </p>
            <LevelBar
              level={level}
              isOn={state !== 'paused'}
              silentAt={state === 'recording' ? elapsed - level.silent : null}
            />
            <div className="flex w-full flex-col gap-2">
              {state === 'idle' ? (
                <p className="text-center text-[15px] text-quiet">
                  Start and stop with <Key>S</Key>
                </p>
              ) : (
                <>
                  <Button onClick={pause}>
                    {state === 'paused' ? 'Go on' : 'Pause'} <Key>P</Key>
                  </Button>
                  <Button look="danger" className="whitespace-normal!" onClick={() => void throwAway()}>
                    <span>
                      Throw away, start this slide again <Key>X</Key>
                    </span>
                  </Button>
                </>
              )}
            </div>
            {state === 'idle' && (
              <Choice
                label="Record with"
                value={device}
                onChoose={(choice) => void open(choice)}
                choices={[
                  { value: 'default', label: 'The microphone' },
                  ...(devices.data ?? [])
                    .filter((each) => each.deviceId !== 'default')
                    .map((each, index) => ({ value: each.deviceId, label: each.label || `Microphone ${index + 1}` })),
                  { value: PRACTICE, label: 'The practice voice' },
                ]}
              />
            )}
          </>
        )}
        <p className="text-center text-[15px] text-quiet">
          {ready === 0
            ? 'No take of this slide yet'
            : ready === 1
              ? '1 take of this slide'
              : `${ready} takes of this slide`}
          {sending.pieces > 1 && <span className="block">{sending.pieces} pieces still on their way</span>}
        </p>
      </aside>
    </main>
  );
}

function Key({ children }: { children: string }) {
  return <kbd className="ml-1 rounded border border-current px-1.5 font-sans text-[15px] opacity-80">{children}</kbd>;
}
