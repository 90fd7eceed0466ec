import { useEffect } from 'react';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import type { AnsweringProps } from '../Answering';
import { useGivenFile } from '../useGivenFile';
import { useVoice } from './useVoice';

/** Seconds that an answer may take. */
const LONGEST = 60;

/** An answer said aloud: recorded, heard back, and recorded again as often as wished. */
export function SpeakAnswer({ given, onWrite, onBusy }: AnsweringProps) {
  const { address, keep } = useGivenFile(given, onWrite);
  const keepIt = (sound: Blob) => void keep(sound);
  // What was said until a page dies is there when it is opened again.
  const voice = useVoice(LONGEST, keepIt, keepIt);
  const isRecording = voice.seconds !== null;
  useEffect(() => onBusy?.(isRecording), [isRecording, onBusy]);
  return (
    <div className="flex flex-col items-start gap-2">
      {voice.seconds === null ? (
        <Button className="min-h-12!" onClick={() => void voice.start()}>
          {address ? 'Record it again' : 'Record'}
        </Button>
      ) : (
        <Button look="danger" className="min-h-12!" onClick={voice.stop}>
          Stop
          <span className="tabular-nums">
            {clock(voice.seconds)} of {clock(LONGEST)}
          </span>
        </Button>
      )}
      {address && !isRecording && <audio controls src={address} aria-label="Your answer" className="w-full max-w-md" />}
      {voice.trouble && <Notice tone="trouble">{voice.trouble}</Notice>}
    </div>
  );
}
