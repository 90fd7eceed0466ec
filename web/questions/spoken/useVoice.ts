import { useCallback, useEffect, useRef, useState } from 'react';
import { useLatest } from '../../latest';

const TYPES = ['audio/webm;codecs=opus', 'audio/mp4'];

const NO_MICROPHONE =
  'The microphone cannot be used. Allow it for this page, check that it is plugged in, then try again.';

/** Milliseconds of sound in a piece: what a page that dies can lose. */
const PIECE = 1000;

/**
 * Records a voice.
 *
 * @param longest seconds after which it stops by itself
 * @param onRecorded told when it has stopped
 * @param onSoFar told meanwhile of all that was heard until then
 */
export function useVoice(longest: number, onRecorded: (sound: Blob) => void, onSoFar?: (sound: Blob) => void) {
  const [seconds, setSeconds] = useState<number | null>(null);
  const [trouble, setTrouble] = useState('');
  const recorder = useRef<MediaRecorder | null>(null);
  const told = useLatest({ onRecorded, onSoFar });

  const stop = useCallback(() => {
    if (recorder.current?.state === 'recording') recorder.current.stop();
  }, []);
  const start = async () => {
    setTrouble('');
    try {
      const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
      const type = TYPES.find((each) => MediaRecorder.isTypeSupported(each));
      const made = new MediaRecorder(stream, { mimeType: type, audioBitsPerSecond: 48_000 });
      const pieces: Blob[] = [];
      const heard = () => new Blob(pieces, { type: made.mimeType.split(';')[0] });
      made.ondataavailable = ({ data }) => {
        pieces.push(data);
        if (made.state === 'recording') told.current.onSoFar?.(heard());
      };
      made.onstop = () => {
        for (const track of stream.getTracks()) track.stop();
        setSeconds(null);
        told.current.onRecorded(heard());
      };
      made.start(PIECE);
      recorder.current = made;
      setSeconds(0);
    } catch {
      setTrouble(NO_MICROPHONE);
    }
  };

  const isRecording = seconds !== null;
  useEffect(() => {
    if (!isRecording) return;
    const timer = setInterval(() => setSeconds((before) => (before === null ? null : before + 1)), 1000);
    return () => clearInterval(timer);
  }, [isRecording]);
  useEffect(() => {
    if (seconds !== null && seconds >= longest) stop();
  }, [seconds, longest, stop]);
  useEffect(() => stop, [stop]);
  return { seconds, trouble, start, stop };
}
