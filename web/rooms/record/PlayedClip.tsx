import { useEffect, useRef } from 'react';
import { useLatest } from '../../latest';
import type { ClipOnSlide } from './usePlayedClip';

interface PlayedClipProps {
  clip: ClipOnSlide;
  /** While the recording is paused the clip waits. */
  isWaiting: boolean;
  /** Its pictures began to move so many seconds ago. */
  onBegin: (ago: number) => void;
  onEnd: () => void;
}

/** Plays a clip while the teacher speaks. Its sound is off: the microphone would hear it. */
export function PlayedClip({ clip, isWaiting, onBegin, onEnd }: PlayedClipProps) {
  const video = useRef<HTMLVideoElement>(null);
  const hasBegun = useRef(false);
  const over = useLatest(onEnd);
  useEffect(() => {
    if (isWaiting) video.current?.pause();
    else video.current?.play().catch(() => undefined);
  }, [isWaiting]);
  useEffect(() => {
    let frame = 0;
    const look = () => {
      const film = video.current;
      if (film && (film.ended || film.currentTime >= clip.to)) over.current();
      else frame = requestAnimationFrame(look);
    };
    frame = requestAnimationFrame(look);
    return () => cancelAnimationFrame(frame);
  }, [clip, over]);
  const begin = () => {
    const film = video.current;
    if (!film || hasBegun.current) return;
    hasBegun.current = true;
    onBegin(Math.max(0, film.currentTime - clip.from));
  };
  return (
    <video
      ref={video}
      src={`/api/media/${clip.medium.sha256}#t=${clip.from}`}
      muted
      playsInline
      preload="auto"
      aria-label={clip.medium.description || 'The clip'}
      onPlaying={begin}
      className="h-full w-full bg-ink object-contain"
    />
  );
}
