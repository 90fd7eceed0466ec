import { useEffect, useRef, useState } from 'react';
import { RATE } from '../lesson/takes';
import type { TakeRange } from './ranges';

/** A stretch of a take as it was recorded, or with hum, hiss and clicks made less. */
type Heard = TakeRange & { cleaned?: boolean };

/** Plays stretches of takes one after the other, cuts and all. */
export function useListening() {
  const audio = useRef<HTMLAudioElement | null>(null);
  const [isPlaying, setPlaying] = useState(false);
  const waiting = useRef<Heard[]>([]);
  const frame = useRef(0);

  const stop = () => {
    cancelAnimationFrame(frame.current);
    waiting.current = [];
    audio.current?.pause();
    setPlaying(false);
  };
  const next = () => {
    const range = waiting.current.shift();
    if (!range) return stop();
    audio.current ??= new Audio();
    const element = audio.current;
    const source = `/api/takes/${range.take}/sound${range.cleaned ? '?cleaned=1' : ''}`;
    if (!element.src.endsWith(source)) element.src = source;
    element.currentTime = range.from / RATE;
    const look = () => {
      if (element.ended || element.currentTime * RATE >= range.to) {
        element.pause();
        next();
      } else frame.current = requestAnimationFrame(look);
    };
    element.play().then(() => {
      frame.current = requestAnimationFrame(look);
    }, stop);
  };
  const newest = useRef(stop);
  newest.current = stop;
  useEffect(() => () => newest.current(), []);
  return {
    isPlaying,
    stop,
    play: (ranges: Heard[]) => {
      stop();
      waiting.current = [...ranges];
      setPlaying(true);
      next();
    },
  };
}

export type Listening = ReturnType<typeof useListening>;
