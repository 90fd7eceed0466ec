import { useEffect, useState } from 'react';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { Sheet } from '../../ui/Sheet';
import { type Advice, advise, type Heard, level, quantile, tone } from './soundCheck';

/** Hertz of the tone that the loudspeaker plays. */
const TONE = 1875;

/** Milliseconds of each part: nobody speaks, the tone, somebody speaks. */
const QUIET = 2000;
const PLAYED = 1500;
const SPOKEN = 6500;

/** Milliseconds between two looks. */
const OFTEN = 40;

type Part = 'quiet' | 'tone' | 'speak';

const ASKED: Record<Part, string> = {
  quiet: 'Be quiet for a moment: the room is being listened to.',
  tone: 'A soft tone is played, to hear whether it reaches the microphone.',
  speak: 'Now speak as you will in the lesson, until the bar is full.',
};

/** Ten seconds of listening before a recording, with what to do about what was heard. */
export function SoundCheck({ stream, onClose }: { stream: MediaStream; onClose: () => void }) {
  const [round, setRound] = useState(0);
  const [passed, setPassed] = useState(0);
  const [advice, setAdvice] = useState<Advice[] | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another round listens anew
  useEffect(() => {
    setAdvice(null);
    return listen(stream, setPassed, (heard) => setAdvice(advise(heard)));
  }, [stream, round]);
  const part: Part = passed < QUIET ? 'quiet' : passed < QUIET + PLAYED ? 'tone' : 'speak';
  return (
    <Sheet open title="Ten seconds to check the sound" onClose={onClose}>
      {advice ? (
        <div className="flex flex-col gap-3">
          {advice.map(({ sentence, isGood }) => (
            <Notice key={sentence} tone={isGood ? undefined : 'trouble'}>
              {sentence}
            </Notice>
          ))}
          <div className="flex gap-2">
            <Button look="main" onClick={onClose}>
              Close
            </Button>
            <Button onClick={() => setRound(round + 1)}>Check again</Button>
          </div>
        </div>
      ) : (
        <div className="flex flex-col gap-3">
          <p role="status" className="text-lg">
            {ASKED[part]}
          </p>
          <progress
            className="h-3 w-full"
            aria-label="How far the check is"
            max={QUIET + PLAYED + SPOKEN}
            value={passed}
          />
        </div>
      )}
    </Sheet>
  );
}

/** Listens for ten seconds; gives what ends it before. */
function listen(stream: MediaStream, onPassed: (milliseconds: number) => void, onHeard: (heard: Heard) => void) {
  const context = new AudioContext();
  const analyser = new AnalyserNode(context, { fftSize: 2048 });
  context.createMediaStreamSource(stream).connect(analyser);
  const samples = new Float32Array(analyser.fftSize);
  const begun = performance.now();
  const [noise, voice, room, heard]: [number[], number[], number[], number[]] = [[], [], [], []];
  let clipped = 0;
  let played: number | null = null;
  let delay: number | null = null;
  void context.resume();
  const timer = setInterval(() => {
    const passed = performance.now() - begun;
    analyser.getFloatTimeDomainData(samples);
    const now = tone(samples, TONE, context.sampleRate);
    if (passed < QUIET) {
      noise.push(level(samples));
      room.push(now);
    } else if (passed < QUIET + PLAYED) {
      if (played === null) {
        played = performance.now();
        play(context);
      }
      heard.push(now);
      if (delay === null && now > quantile(room, 0.9) + 12) delay = performance.now() - played;
    } else {
      voice.push(level(samples));
      if (samples.some((each) => Math.abs(each) >= 0.99)) clipped++;
    }
    onPassed(passed);
    if (passed < QUIET + PLAYED + SPOKEN) return;
    clearInterval(timer);
    onHeard({
      noise: quantile(noise, 0.5),
      // Whoever speaks is silent for half of the time.
      voice: quantile(voice, 0.75),
      clipped: clipped / Math.max(1, voice.length),
      echo: quantile(heard, 0.7) - quantile(room, 0.5),
      delay,
    });
  }, OFTEN);
  return () => {
    clearInterval(timer);
    void context.close();
  };
}

function play(context: AudioContext): void {
  const gain = new GainNode(context, { gain: 0.08 });
  const oscillator = new OscillatorNode(context, { frequency: TONE });
  oscillator.connect(gain).connect(context.destination);
  oscillator.start();
  oscillator.stop(context.currentTime + PLAYED / 1000 - 0.3);
}
