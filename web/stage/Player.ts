import { useCallback, useEffect, useRef, useState } from 'react';
import type { PausePoint, Programme } from '../answers.types';
import { useLatest } from '../latest';
import { reachable } from './programme';

export interface Playing {
  /** Milliseconds of narration. */
  at: number;
  isPlaying: boolean;
  /** The pause point at which the lesson waits. */
  waiting: PausePoint | null;
  trouble: string | null;
  play(): void;
  pause(): void;
  seek(at: number): void;
  goOn(): void;
  setSpeed(speed: number): void;
  speed: number;
}

/** Where parts may be done in any order, a question that was passed over waits behind. */
type Played = Programme & { inAnyOrder?: boolean };

// A device without a loudspeaker says no more than one without a connection.
const CANNOT_PLAY =
  'The sound cannot be played. Check the connection, and headphones or loudspeaker, then press play again.';

type Sound = Programme['sounds'][number];

const addressOf = (sound: Sound): string => sound.sources[0]?.url ?? '';

/** Whether a pause point has been reached and not been passed; of one that is sealed nothing is known yet. */
const isDue = (pause: PausePoint, done: Set<string>, time: number): boolean =>
  !pause.sealed && !done.has(pause.block) && pause.at <= time + 8;

/** The moment of narration; a sound may be heard some milliseconds less than it should be. */
const heardIn = (sound: Sound, element: HTMLAudioElement): number =>
  element.ended ? sound.to : sound.from + element.currentTime * 1000;

/** A device that does not know the first kind of sound may well play the next. */
const isLastHope = (failed: EventTarget | null, element: HTMLAudioElement): boolean =>
  failed === element || failed === element.lastElementChild;

/** What has failed once is never tried again by itself. */
const hasFailed = (element: HTMLAudioElement): boolean =>
  element.error !== null || element.networkState === HTMLMediaElement.NETWORK_NO_SOURCE;

/**
 * Plays a programme: its sound leads, pictures follow the sound's own clock frame by frame.
 * It stops at every pause point until told to go on.
 */
export function usePlayer(newest: Played, startAt = 0, stopsAtPauses = true): Playing {
  // More of a programme comes as questions are answered; its sound goes on.
  const latest = useLatest(newest);
  const sounds = newest.sounds.map(addressOf).join();
  const audio = useRef<HTMLAudioElement | null>(null);
  // By its address: more sounds may come before it and behind it.
  const sound = useRef('');
  const loaded = useRef<string[]>([]);
  const done = useRef(new Set<string>());
  const [at, setAt] = useState(startAt);
  const [isPlaying, setPlaying] = useState(false);
  const [waiting, setWaiting] = useState<PausePoint | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [speed, setSpeedState] = useState(1);
  const now = useRef(startAt);
  // Whether it is to play as soon as it can.
  const isWanted = useRef(false);
  const hasBegun = useRef(false);

  const load = useCallback((wanted: Sound | undefined, offset: number) => {
    const element = audio.current;
    if (!element || !wanted) return;
    if (sound.current !== addressOf(wanted)) {
      element.replaceChildren(
        ...wanted.sources.map((source) => {
          const child = document.createElement('source');
          child.src = source.url;
          child.type = source.type;
          return child;
        }),
      );
      sound.current = addressOf(wanted);
      element.load();
    }
    element.currentTime = offset / 1000;
  }, []);

  const pause = useCallback(() => {
    isWanted.current = false;
    audio.current?.pause();
    setPlaying(false);
  }, []);

  useEffect(() => {
    const element = new Audio();
    element.preload = 'auto';
    audio.current = element;
    const stop = (event: Event) => {
      if (!isLastHope(event.target, element)) return;
      pause();
      setTrouble(CANNOT_PLAY);
    };
    element.addEventListener('error', stop, true);
    element.addEventListener('playing', () => setTrouble(null));
    return () => {
      element.pause();
      element.replaceChildren();
      element.removeAttribute('src');
      sound.current = '';
      loaded.current = [];
    };
  }, [pause]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: which sounds there are is what it follows
  useEffect(() => {
    const programme = latest.current;
    const addresses = programme.sounds.map(addressOf);
    const isMore = loaded.current.length > 0 && loaded.current.every((each) => addresses.includes(each));
    loaded.current = addresses;
    if (isMore) return;
    pause();
    sound.current = '';
    done.current = new Set(programme.pauses.filter((pause) => pause.at < now.current - 1).map((pause) => pause.block));
    load(programme.sounds.find((each) => now.current < each.to) ?? programme.sounds[0], 0);
  }, [sounds, load, pause]);

  const place = useCallback(
    (wanted: number) => {
      const programme = latest.current;
      const target = reachable(programme, Math.min(Math.max(0, wanted), programme.length));
      const found = programme.sounds.find((each) => target < each.to) ?? programme.sounds[programme.sounds.length - 1];
      load(found, target - (found?.from ?? 0));
      now.current = target;
      setAt(target);
    },
    [latest, load],
  );

  // It counts as playing before it is heard, so that a pause point that is chosen meanwhile stops it.
  const start = useCallback(() => {
    const element = audio.current;
    isWanted.current = true;
    hasBegun.current = true;
    setPlaying(true);
    // A sound that is played at its end would begin anew.
    if (!element || element.ended) return;
    element.play().catch((error: Error) => {
      if (error.name === 'AbortError') {
        // Another place was chosen before this one was heard.
        if (isWanted.current && element.paused) start();
        return;
      }
      pause();
      setTrouble(CANNOT_PLAY);
    });
  }, [pause]);

  const play = useCallback(() => {
    if (!audio.current) return;
    const programme = latest.current;
    setTrouble(null);
    if (now.current >= programme.length - 20) {
      // Watched again, the lesson stops again.
      done.current.clear();
      place(0);
    } else {
      // A lesson that begins with a question is heard when that is answered.
      const due = programme.sounds.find((each) => now.current < each.to);
      if (!due) return setPlaying(true);
      if (hasFailed(audio.current)) sound.current = '';
      const isLoaded = addressOf(due) === sound.current && !audio.current.ended;
      if (!isLoaded || Math.abs(due.from + audio.current.currentTime * 1000 - now.current) > 250) place(now.current);
    }
    audio.current.playbackRate = speed;
    start();
  }, [latest, place, speed, start]);

  const waitAt = useCallback(
    (stop: PausePoint) => {
      pause();
      now.current = stop.at;
      setAt(Math.max(0, stop.at - 1));
      setWaiting(stop);
    },
    [pause],
  );

  useEffect(() => {
    if (!isPlaying) return;
    let frame = 0;
    const tick = () => {
      const programme = latest.current;
      const element = audio.current;
      const index = programme.sounds.findIndex((each) => addressOf(each) === sound.current);
      const current = programme.sounds[index];
      if (!element) return;
      const time = current ? heardIn(current, element) : now.current;
      const stop = stopsAtPauses ? programme.pauses.find((each) => isDue(each, done.current, time)) : undefined;
      if (stop) return waitAt(stop);
      if (!current) return;
      now.current = Math.min(time, current.to);
      setAt(now.current);
      if (element.ended || time >= current.to - 2) {
        const next = programme.sounds[index + 1];
        if (next) {
          load(next, 0);
          element.playbackRate = speed;
          start();
        } else if (element.ended) {
          // What comes behind may open another day.
          const isAll = current.to >= programme.length - 20;
          now.current = isAll ? programme.length : Math.max(0, current.to - 1);
          setAt(now.current);
          pause();
          return;
        }
      }
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [isPlaying, latest, load, pause, speed, start, stopsAtPauses, waitAt]);

  const seek = useCallback(
    (goal: number) => {
      const programme = latest.current;
      // Going back brings the pause points there back; going forward does not skip the first one on the way, and the one at which the
      // lesson waits only where what lies behind it has been earned.
      const before = now.current;
      if (waiting && programme.sealed && reachable(programme, goal) > waiting.at) done.current.add(waiting.block);
      const passed = programme.pauses.filter((each) => !each.sealed && !done.current.has(each.block) && each.at < goal);
      const missed = stopsAtPauses && !programme.inAnyOrder ? passed.find((each) => each.at > before - 2) : undefined;
      if (programme.inAnyOrder) for (const each of passed) done.current.add(each.block);
      for (const each of programme.pauses) if (each.at >= goal) done.current.delete(each.block);
      setWaiting(null);
      place(missed ? Math.max(0, missed.at - 1) : goal);
      // Who goes on while the lesson stands still gets to the next question just so; a clip is not begun unasked.
      if (missed && !missed.clip && hasBegun.current && !isPlaying) return waitAt(missed);
      // Another sound that was loaded for it stands still, at its usual speed.
      if (isPlaying && audio.current?.paused) {
        audio.current.playbackRate = speed;
        start();
      }
    },
    [isPlaying, latest, place, speed, start, stopsAtPauses, waitAt, waiting],
  );

  const goOn = useCallback(() => {
    if (waiting) done.current.add(waiting.block);
    // Another question may wait at the same moment, with nothing to be heard before it.
    const { pauses } = latest.current;
    const more = pauses.find((each) => isDue(each, done.current, now.current));
    setWaiting(more ?? null);
    if (more) return;
    const next = reachable(latest.current, now.current);
    if (next > now.current) place(next);
    if (next < latest.current.length - 20) setTimeout(play, 0);
  }, [latest, waiting, place, play]);

  const setSpeed = useCallback((wanted: number) => {
    setSpeedState(wanted);
    if (audio.current) audio.current.playbackRate = wanted;
  }, []);

  return { at, isPlaying, waiting, trouble, play, pause, seek, goOn, setSpeed, speed };
}
