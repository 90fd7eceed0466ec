import { useEffect, useRef } from 'react';

/** Seconds by which a film may be behind or ahead before it is set right at once; less is caught up with. */
const FAR = 0.25;

/** Milliseconds without a new moment after which the lesson stands still. */
const STILL = 150;

/** A film that runs with the narration. */
export function Film({
  src,
  seconds,
  label,
  fit,
}: {
  src: string;
  seconds: number;
  label: string;
  fit: 'cover' | 'contain';
}) {
  const video = useRef<HTMLVideoElement>(null);
  const last = useRef({ seconds, time: 0 });
  useEffect(() => {
    const film = video.current;
    if (!film) return;
    const time = performance.now();
    const speed = ((seconds - last.current.seconds) * 1000) / Math.max(1, time - last.current.time);
    last.current = { seconds, time };
    const apart = seconds - film.currentTime;
    const isRunning = speed > 0.2 && speed < 4;
    if (!isRunning || Math.abs(apart) > FAR) film.currentTime = seconds;
    if (!isRunning) {
      film.pause();
      return;
    }
    film.playbackRate = Math.max(0.25, Math.min(4, speed + 2 * apart));
    if (film.paused) void film.play().catch(() => undefined);
    const still = setTimeout(() => film.pause(), STILL);
    return () => clearTimeout(still);
  }, [seconds]);
  return (
    <video
      ref={video}
      src={src}
      muted
      playsInline
      preload="auto"
      aria-label={label}
      className={`h-full w-full ${fit === 'cover' ? 'object-cover' : 'bg-ink object-contain'}`}
    />
  );
}

/** What is being filmed, as it is seen now. */
export function LiveFilm({ stream, label, fit }: { stream: MediaStream; label: string; fit: 'cover' | 'contain' }) {
  const video = useRef<HTMLVideoElement>(null);
  useEffect(() => {
    if (video.current) video.current.srcObject = stream;
  }, [stream]);
  return (
    <video
      ref={video}
      muted
      autoPlay
      playsInline
      aria-label={label}
      className={`h-full w-full ${fit === 'cover' ? 'object-cover' : 'bg-ink object-contain'}`}
    />
  );
}
