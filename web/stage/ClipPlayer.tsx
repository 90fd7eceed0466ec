import { useEffect, useRef, useState } from 'react';
import type { PlayedClip } from '../answers.types';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';

interface ClipPlayerProps {
  clip: PlayedClip;
  speed: number;
  hasCaptions: boolean;
  /** It is over, or not wanted. */
  onDone: () => void;
}

/** Plays a clip over the slide while the lesson waits: from where it begins to where it ends, and then the lesson goes on. */
export function ClipPlayer({ clip, speed, hasCaptions, onDone }: ClipPlayerProps) {
  const element = useRef<HTMLVideoElement>(null);
  const [at, setAt] = useState(clip.from);
  const [trouble, setTrouble] = useState(false);
  const isDone = useRef(false);
  const isFilm = clip.type.startsWith('video/');
  const done = () => {
    if (isDone.current) return;
    isDone.current = true;
    element.current?.pause();
    onDone();
  };
  const begin = () => {
    if (!element.current) return;
    setTrouble(false);
    element.current.currentTime = clip.from / 1000;
    element.current.play().catch(() => setTrouble(true));
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: another clip begins anew
  useEffect(() => {
    isDone.current = false;
    begin();
  }, [clip.file, clip.from]);
  useEffect(() => {
    if (element.current) element.current.playbackRate = speed;
  }, [speed]);
  useEffect(() => {
    let frame = 0;
    const tick = () => {
      const now = (element.current?.currentTime ?? 0) * 1000;
      setAt(now);
      if (now >= clip.to) done();
      else frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  });
  const caption = hasCaptions ? clip.captions.find((each) => each.from <= at && at < each.to)?.text : undefined;
  return (
    <div className={`absolute inset-0 z-30 flex flex-col ${isFilm ? 'bg-ink' : 'justify-end'}`}>
      <video
        ref={element}
        src={clip.file}
        playsInline
        preload="auto"
        aria-label={clip.description || clip.title || 'Clip'}
        onEnded={done}
        onError={() => setTrouble(true)}
        className={isFilm ? 'min-h-0 w-full grow object-contain' : 'hidden'}
      />
      {caption && (
        <p className="absolute inset-x-0 bottom-14 mx-auto w-fit max-w-[90%] rounded bg-ink/90 px-3 py-1 text-center text-white sm:text-lg">
          {caption}
        </p>
      )}
      {trouble && (
        <Notice tone="trouble">
          The clip cannot be played. Check the connection and press “Again”, or leave it out.
        </Notice>
      )}
      <div className="flex shrink-0 items-center gap-2 bg-ink p-1.5 text-white">
        <span className="min-w-0 grow truncate px-2">{clip.title}</span>
        <Button className="min-h-11!" onClick={begin}>
          Again
        </Button>
        <Button className="min-h-11!" onClick={done}>
          Go on without
        </Button>
      </div>
    </div>
  );
}
