import { useCallback, useEffect, useRef, useState } from 'react';
import { clock } from '../../clock';
import type { Slide } from '../../lesson.types';
import { ask, send, sentence } from '../../request';
import type { Stroke } from '../../stage/programme';
import { useDesk } from '../lesson/desk';
import { outbox } from './outbox';
import { Recorder } from './Recorder';
import type { ChosenSource } from './useSource';

export type RecordingState = 'idle' | 'recording' | 'paused';

/** The recording of one slide after another: one take for every visit of a slide. */
export function useRecording(slides: Slide[], slide: Slide | undefined, { source, lose }: ChosenSource) {
  const desk = useDesk();
  const [state, setState] = useState<RecordingState>('idle');
  const [step, setStep] = useState(0);
  const [visiting, setVisiting] = useState<string | null>(null);
  const [strokes, setStrokes] = useState<Stroke[]>([]);
  const [elapsed, setElapsed] = useState(0);
  const [trouble, setTrouble] = useState('');
  const recorder = useRef<Recorder | null>(null);
  const lines = useRef(new Map<string, ArrayBuffer>());
  const shown = visiting ?? slide?.id ?? '';

  useEffect(() => {
    const leaving = () => recorder.current?.flush();
    window.addEventListener('pagehide', leaving);
    return () => {
      window.removeEventListener('pagehide', leaving);
      void recorder.current?.stop();
    };
  }, []);

  useEffect(() => {
    if (state === 'idle') return;
    const timer = setInterval(() => setElapsed((recorder.current?.now() ?? 0) / 1000), 250);
    return () => clearInterval(timer);
  }, [state]);

  useEffect(() => {
    const track = source?.stream.getAudioTracks()[0];
    const lost = () => {
      const at = recorder.current ? ` at ${clock(recorder.current.now() / 1000)}` : '';
      void end();
      lose(
        `The microphone went away${at}. What was said until then is kept. Plug it in, choose it again, and record this slide again.`,
      );
    };
    track?.addEventListener('ended', lost);
    return () => track?.removeEventListener('ended', lost);
  });

  /** The practice voice speaks a line of the script; a microphone waits for the teacher to. */
  const say = async (script: string) => {
    if (!source?.speak) return;
    try {
      let wav = lines.current.get(script);
      if (!wav) {
        wav = await (await send('POST', `/api/lessons/${desk.id}/voice`, { script, slide: slide?.id })).arrayBuffer();
        lines.current.set(script, wav);
      }
      await source.speak(wav);
    } catch (error) {
      setTrouble(sentence(error));
    }
  };

  const clear = () => {
    setStep(0);
    setStrokes([]);
    setVisiting(null);
  };

  const begin = (id: string) => {
    if (!source) return;
    const next = new Recorder(outbox, source.stream, desk.id, id, source.kind);
    recorder.current = next;
    next.start();
    clear();
    setState('recording');
    setElapsed(0);
    setTrouble('');
    void say(slides.find((each) => each.id === id)?.steps[0]?.script ?? '');
  };

  const end = useCallback(async () => {
    const ending = recorder.current;
    recorder.current = null;
    source?.hush?.();
    setState('idle');
    await ending?.stop();
  }, [source]);

  // Another slide on the strip is another visit: what is being recorded ends with this one, and begins anew with that one.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the slide changes
  useEffect(() => {
    clear();
    if (slide && recorder.current && recorder.current.slide !== slide.id) void end().then(() => begin(slide.id));
  }, [slide?.id]);

  return {
    state,
    step,
    visiting,
    elapsed,
    trouble,
    /** The take that is being recorded. */
    take: recorder.current?.id ?? null,
    strokes: strokes.filter((stroke) => stroke.slide === shown),
    /** Milliseconds on the take’s clock. */
    now: () => recorder.current?.now() ?? performance.now(),

    toggle: () => {
      if (state !== 'idle') void end();
      else if (slide) begin(slide.id);
    },
    reveal: () => {
      const next = slide?.steps[step + 1];
      if (!next || visiting || state === 'paused') return;
      recorder.current?.note({ kind: 'step', step: next.id });
      setStep(step + 1);
      if (state === 'recording') void say(next.script);
    },
    moveOn: async () => {
      const next = slides[slides.findIndex((each) => each.id === slide?.id) + 1];
      const wasRecording = state !== 'idle';
      if (wasRecording) await end();
      if (!next) return;
      desk.chooseSlide(next.id);
      if (wasRecording) begin(next.id);
    },
    throwAway: async () => {
      const gone = recorder.current;
      if (!gone || !slide) return;
      await end();
      await outbox.forget(gone.id);
      await ask('DELETE', `/api/takes/${gone.id}`).catch(() => undefined);
      begin(slide.id);
    },
    pause: () => {
      if (state === 'idle') return;
      recorder.current?.setPaused(state === 'recording');
      if (state === 'recording') source?.hush?.();
      setState(state === 'recording' ? 'paused' : 'recording');
    },
    /** Another slide is looked at, or with an empty id this one again. */
    visit: (id: string) => {
      recorder.current?.note(id === '' ? { kind: 'return' } : { kind: 'visit', slide: id });
      setVisiting(id === '' ? null : id);
    },
    draw: (stroke: Stroke) => {
      setStrokes((before) => [...before, { ...stroke, slide: shown }]);
      const { at, tool, colour, width, points } = stroke;
      if (tool === 'pen' || tool === 'marker') recorder.current?.note({ kind: 'ink', at, tool, colour, width, points });
    },
    point: (spot: { x: number | null; y: number | null }) => recorder.current?.note({ kind: 'point', ...spot }),
    wipe: () => {
      recorder.current?.note({ kind: 'wipe' });
      setStrokes((before) => before.filter((stroke) => stroke.slide !== shown));
    },
  };
}

export type Recording = ReturnType<typeof useRecording>;
