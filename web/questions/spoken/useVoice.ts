import { useCallback, useEffect, useRef, useState } from 'react';

const TYPES = ['audio/webm;codecs=opus', 'audio/mp4'];

const NO_MICROPHONE =
  'The microphone cannot be used. Allow it for this page, check that it is plugged in, then try again.';

/**
 * Records a voice.
 *
 * @param longest seconds after which it stops by itself
 * @param onRecorded told when it has stopped
 */
export function useVoice(longest: number, onRecorded: (sound: Blob) => void) {
  const [seconds, setSeconds] = useState<number | null>(null);
  const [trouble, setTrouble] = useState('');
  const recorder = useRef<MediaRecorder | null>(null);
  const told = useRef(onRecorded);
  told.current = onRecorded;

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
      made.ondataavailable = ({ data }) => pieces.push(data);
      made.onstop = () => {
        for (const track of stream.getTracks()) track.stop();
        setSeconds(null);
        told.current(new Blob(pieces, { type: made.mimeType.split(';')[0] }));
      };
      made.start();
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
