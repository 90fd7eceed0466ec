import { useEffect, useState } from 'react';
import { useVoice } from '../questions/spoken/useVoice';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';

/** Seconds that one says something after the teacher for. */
const LONGEST = 30;

/** Says what was just heard, and hears it back. It is on this page alone and never sent. */
export function SayAfter({ onBegin }: { onBegin: () => void }) {
  const [address, setAddress] = useState<string | null>(null);
  const voice = useVoice(LONGEST, (sound) => setAddress(URL.createObjectURL(sound)));
  useEffect(() => () => (address === null ? undefined : URL.revokeObjectURL(address)), [address]);
  const begin = () => {
    onBegin();
    void voice.start();
  };
  return (
    <details className="mb-3 border-y border-rule">
      <summary className="min-h-11 cursor-pointer py-2.5 text-action">Say it after the teacher</summary>
      <div className="flex flex-col items-start gap-2 pb-3">
        <p className="text-small text-quiet">Say what you heard, then listen to yourself. Nobody else hears it.</p>
        <Button
          look={voice.seconds === null ? 'plain' : 'danger'}
          className="min-h-11!"
          onClick={voice.seconds === null ? begin : voice.stop}
        >
          {voice.seconds === null ? (address ? 'Say it again' : 'Record') : `Stop, ${voice.seconds} s`}
        </Button>
        {address && <audio controls src={address} aria-label="What you said" className="w-full max-w-md" />}
        {voice.trouble && <Notice tone="trouble">{voice.trouble}</Notice>}
      </div>
    </details>
  );
}
