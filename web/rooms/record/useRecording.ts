import { useEffect, useState, useSyncExternalStore } from 'react';
import { clock } from '../../clock';
import { useLatest } from '../../latest';
import type { Slide } from '../../lesson.types';
import { ask } from '../../request';
import type { Done } from '../../tracks/done';
import { revealed } from '../../tracks/steps/note';
import { useDesk } from '../lesson/desk';
import { RATE } from '../lesson/takes';
import { filmOutbox } from './filmOutbox';
import { outbox } from './outbox';
import { type Continued, Recorder } from './Recorder';
import { RecordingSession } from './RecordingSession';
import { useLines } from './useLines';
import type { ChosenSource } from './useSource';

/** The recording of one slide after another: one take for every visit of a slide. */
export function useRecording(slides: Slide[], slide: Slide | undefined, { source, lose }: ChosenSource) {
  const desk = useDesk();
  const [session] = useState(() => new RecordingSession());
  const state = useSyncExternalStore(session.subscribe, session.read);
  const lines = useLines(desk.id, slide?.id, source);
  const elapsed = useElapsed(session, state.phase !== 'idle');

  useEffect(() => {
    const leaving = () => session.flush();
    window.addEventListener('pagehide', leaving);
    return () => {
      window.removeEventListener('pagehide', leaving);
      void session.end();
    };
  }, [session]);

  const end = async () => {
    source?.stopSpeaking?.();
    return session.end();
  };
  const begin = (id: string) => {
    if (!source) return;
    lines.forgive();
    session.begin(new Recorder(outbox, source.stream, desk.id, id, source.kind));
    void lines.say(slides.find((each) => each.id === id)?.steps[0]?.script ?? '');
  };

  const seen = useLatest(slide?.id);
  /** Goes on from an earlier take: a second of it is heard first. */
  const again = async (from: Continued, number: number, before: Done[]) => {
    if (!source || !slide || state.phase !== 'idle') return;
    await runUp(from);
    // Meanwhile it was pressed again, another recording was begun, or another slide was chosen.
    if (session.read().phase !== 'idle' || seen.current !== slide.id) return;
    lines.forgive();
    session.begin(new Recorder(outbox, source.stream, desk.id, slide.id, source.kind, from), number, before);
    const step = slide.steps[number];
    if (step) session.note(revealed(step.id));
    void lines.say(step?.script ?? '');
  };

  const lost = useLatest(() => {
    const at = session.slide === null ? '' : ` at ${clock(session.now() / 1000)}`;
    void end();
    lose(
      `The microphone went away${at}. What was said until then is kept. Plug it in, choose it again, and record this slide again.`,
    );
  });
  useEffect(() => {
    const track = source?.stream.getAudioTracks()[0];
    const gone = () => lost.current();
    track?.addEventListener('ended', gone);
    return () => track?.removeEventListener('ended', gone);
  }, [source, lost]);

  // Another slide on the strip is another visit: what is being recorded ends with this one, and begins anew with that one.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the slide changes
  useEffect(() => {
    session.act({ do: 'turn' });
    if (slide && session.slide !== null && session.slide !== slide.id) void end().then(() => begin(slide.id));
  }, [slide?.id]);

  return {
    ...state,
    elapsed,
    trouble: lines.trouble,
    now: session.now,
    note: session.note,
    again,
    toggle: () => {
      if (state.phase !== 'idle') void end();
      else if (slide) begin(slide.id);
    },
    reveal: () => {
      if (!slide || !session.act({ do: 'reveal', steps: slide.steps.map((each) => each.id) })) return;
      if (state.phase === 'recording') void lines.say(slide.steps[state.step + 1]?.script ?? '');
    },
    moveOn: async () => {
      const next = slides[slides.findIndex((each) => each.id === slide?.id) + 1];
      const wasRecording = state.phase !== 'idle';
      if (wasRecording) await end();
      if (!next) return;
      desk.chooseSlide(next.id);
      if (wasRecording) begin(next.id);
    },
    throwAway: async () => {
      if (state.phase === 'idle' || !slide) return;
      const gone = await end();
      if (gone === null) return;
      await outbox.forget(gone);
      await filmOutbox.forgetAll((film) => film.take === gone);
      await ask('DELETE', `/api/takes/${gone}`).catch(() => undefined);
      begin(slide.id);
    },
    pause: () => {
      if (state.phase === 'recording') source?.stopSpeaking?.();
      session.pause();
    },
    /** Another slide is looked at, or with an empty id this one again. */
    visit: (id: string) => session.act(id === '' ? { do: 'return' } : { do: 'visit', slide: id }),
  };
}

/** Seconds of the earlier take that are heard before going on from it. */
const RUN_UP = 1;

async function runUp({ take, at }: Continued): Promise<void> {
  const sound = new Audio(`/api/takes/${take}/sound`);
  const end = at / RATE;
  await new Promise<void>((resolve) => {
    sound.onerror = () => resolve();
    sound.ontimeupdate = () => sound.currentTime >= end && resolve();
    sound.onended = () => resolve();
    sound.onloadedmetadata = () => {
      sound.currentTime = Math.max(0, end - RUN_UP);
      sound.play().catch(() => resolve());
    };
  });
  sound.pause();
}

export type Recording = ReturnType<typeof useRecording>;

/** Seconds on the take's clock. */
function useElapsed(session: RecordingSession, isOn: boolean): number {
  const [elapsed, setElapsed] = useState(0);
  useEffect(() => {
    setElapsed(0);
    if (!isOn) return;
    const timer = setInterval(() => setElapsed(session.now() / 1000), 250);
    return () => clearInterval(timer);
  }, [session, isOn]);
  return elapsed;
}
