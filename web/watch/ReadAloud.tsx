import { useEffect, useRef, useState } from 'react';
import { Button } from '../ui/Button';

/** Has a task read by the practice voice of the server. */
export function ReadAloud({ share, block }: { share: string; block: string }) {
  const sound = useRef<HTMLAudioElement | null>(null);
  const [isReading, setReading] = useState(false);
  const [hasFailed, setFailed] = useState(false);
  useEffect(() => () => sound.current?.pause(), []);
  const stop = () => {
    sound.current?.pause();
    setReading(false);
  };
  const read = () => {
    const audio = new Audio(`/api/watch/${share}/tasks/${block}/sound`);
    sound.current = audio;
    audio.addEventListener('ended', () => setReading(false));
    setFailed(false);
    setReading(true);
    audio.play().catch(() => {
      setReading(false);
      setFailed(true);
    });
  };
  return (
    <p className="mb-2">
      <Button look="quiet" className="-ml-3 min-h-11!" onClick={isReading ? stop : read}>
        {isReading ? 'Stop reading' : 'Read it to me'}
      </Button>
      {hasFailed && <span className="text-small text-quiet"> It cannot be read now. Check the connection.</span>}
    </p>
  );
}
