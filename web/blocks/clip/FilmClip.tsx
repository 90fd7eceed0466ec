import { useEffect, useRef, useState } from 'react';
import { clock } from '../../clock';
import { newPublicId } from '../../outbox/Outbox';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import { Filming } from './Filming';

interface FilmClipProps {
  /** The longest that a clip may be. */
  seconds: number;
  /** Gets the id under which it is being sent from now on. */
  onStart: (clip: string) => void;
  onClose: () => void;
}

/** Films with the camera of the device, with the same care for what was filmed as for what was said. */
export function FilmClip({ seconds, onStart, onClose }: FilmClipProps) {
  const view = useRef<HTMLVideoElement>(null);
  const { stream, trouble } = useCamera();
  const [filming, setFilming] = useState<Filming | null>(null);
  const [failure, setFailure] = useState('');
  const passed = useSecondsFilmed(filming);
  useEffect(() => {
    if (view.current) view.current.srcObject = stream;
  }, [stream]);

  const begin = () => {
    if (!stream) return;
    try {
      const next = new Filming(newPublicId(), stream);
      next.start();
      setFilming(next);
      onStart(next.id);
    } catch {
      setFailure('This browser cannot film in pieces that survive a crash. Film with the phone, and choose the file.');
    }
  };
  // Closed in the middle, too, what was filmed is kept.
  const end = async () => {
    await filming?.stop();
    onClose();
  };
  const isFull = passed >= seconds;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a clip that has grown as long as it may be ends by itself
  useEffect(() => {
    if (filming && isFull) void end();
  }, [isFull]);

  return (
    <Sheet open title="Film a clip" onClose={() => void end()}>
      {trouble || failure ? (
        <Notice tone="trouble">{trouble || failure}</Notice>
      ) : (
        <div className="flex flex-col gap-3">
          <video
            ref={view}
            muted
            autoPlay
            playsInline
            aria-label="What the camera sees"
            className="aspect-video w-full bg-ink"
          />
          <div className="flex items-center gap-4">
            <Button look="main" disabled={!stream} onClick={filming ? () => void end() : begin}>
              {filming ? 'Stop filming' : 'Start filming'}
            </Button>
            <span role="timer" className="tabular-nums">
              {clock(passed)} of {clock(seconds)}
            </span>
          </div>
        </div>
      )}
    </Sheet>
  );
}

/** Opens the camera for as long as it is looked through. */
function useCamera() {
  const [stream, setStream] = useState<MediaStream | null>(null);
  const [trouble, setTrouble] = useState('');
  useEffect(() => {
    let opened: MediaStream | undefined;
    let isClosed = false;
    const close = () => {
      for (const track of opened?.getTracks() ?? []) track.stop();
    };
    if (!navigator.mediaDevices) {
      setTrouble('The browser opens a camera only over a secure address (https). Ask whoever runs the server.');
      return;
    }
    navigator.mediaDevices
      .getUserMedia({
        video: { width: { ideal: 1280 }, height: { ideal: 720 } },
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      })
      .then(
        (found) => {
          opened = found;
          if (isClosed) close();
          else setStream(found);
        },
        () => setTrouble('The camera cannot be opened. Allow it in the browser, or choose a file instead.'),
      );
    return () => {
      isClosed = true;
      close();
    };
  }, []);
  return { stream, trouble };
}

/** Seconds filmed so far; what there is is handed over when the page is about to go. */
function useSecondsFilmed(filming: Filming | null): number {
  const [passed, setPassed] = useState(0);
  useEffect(() => {
    if (!filming) return;
    const timer = setInterval(() => setPassed(filming.seconds), 200);
    const flush = () => filming.flush();
    window.addEventListener('pagehide', flush);
    return () => {
      clearInterval(timer);
      window.removeEventListener('pagehide', flush);
    };
  }, [filming]);
  return passed;
}
