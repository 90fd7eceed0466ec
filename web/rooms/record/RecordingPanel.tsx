import { useState } from 'react';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';
import { Choice, Tick } from '../../ui/Field';
import { Key } from '../../ui/Key';
import { FilmChoice } from './FilmChoice';
import { LevelBar } from './LevelBar';
import { useLevel } from './microphone';
import { SoundCheck } from './SoundCheck';
import type { Countdown } from './useCountdown';
import type { Films } from './useFilms';
import type { Recording } from './useRecording';
import { type ChosenSource, PRACTICE } from './useSource';

interface RecordingPanelProps {
  recording: Recording;
  countdown: Countdown;
  /** Begins, counts down first where that is wanted, or ends. */
  onToggle: () => void;
  chosen: ChosenSource;
  films: Films;
  /** Goes on from the take that is in the lesson, where it can be gone on from. */
  onAgain?: () => void;
  /** Seconds of the slide’s script. */
  planned: number;
  /** Takes that there are of the slide. */
  ready: number;
  /** Pieces that the server does not have yet. */
  onTheirWay: number;
}

/** The one round control, the time used against the time planned, and the level of the voice. */
export function RecordingPanel({
  recording,
  countdown,
  onToggle,
  chosen,
  films,
  onAgain,
  planned,
  ready,
  onTheirWay,
}: RecordingPanelProps) {
  const level = useLevel(chosen.source?.stream ?? null);
  const { phase, elapsed } = recording;
  const [isChecking, setChecking] = useState(false);
  return (
    <aside className="flex flex-col items-center gap-3" aria-label="Recording">
      {chosen.source === null ? (
        <div className="flex flex-col gap-3">
          <p>Choose what to record with.</p>
          <Button look="main" onClick={() => void chosen.open('default')}>
            Use the microphone
          </Button>
          <Button onClick={() => void chosen.open(PRACTICE)}>Use the practice voice</Button>
          <p className="text-small text-quiet">The practice voice reads your script aloud. It needs no microphone.</p>
        </div>
      ) : (
        <>
          <button
            type="button"
            onClick={onToggle}
            aria-label={
              countdown.left > 0
                ? 'Do not begin yet'
                : phase === 'idle'
                  ? 'Start recording this slide'
                  : 'Stop recording'
            }
            className={`flex size-24 items-center justify-center rounded-full border-4 ${phase === 'idle' ? 'border-recording bg-sheet' : 'border-recording bg-recording'}`}
          >
            {countdown.left > 0 ? (
              <span className="text-5xl font-semibold text-recording">{countdown.left}</span>
            ) : (
              <span className={phase === 'idle' ? 'size-14 rounded-full bg-recording' : 'size-9 rounded bg-white'} />
            )}
          </button>
          <p className="text-center">
            <span role="status" className="block font-semibold">
              {countdown.left > 0
                ? `In ${countdown.left}`
                : phase === 'idle'
                  ? 'Ready'
                  : phase === 'paused'
                    ? 'Paused'
                    : 'Recording'}
            </span>
            <span className={`text-2xl ${elapsed > planned && phase !== 'idle' ? 'text-recording' : ''}`}>
              {clock(phase === 'idle' ? 0 : elapsed)}
            </span>
            <span className="block text-small text-quiet">of {clock(planned)} planned</span>
          </p>
          <LevelBar
            level={level}
            isOn={phase !== 'paused'}
            silentAt={phase === 'recording' ? elapsed - level.silent : null}
          />
          <div className="flex w-full flex-col gap-2">
            {phase === 'idle' ? (
              <>
                <p className="text-center text-small text-quiet">
                  Start, stop <Key>S</Key>
                </p>
                <Tick label="Count to three first" checked={countdown.isWanted} onChange={countdown.want} />
              </>
            ) : (
              <>
                <Button onClick={recording.pause}>
                  {phase === 'paused' ? 'Go on' : 'Pause'} <Key>P</Key>
                </Button>
                <Button look="danger" className="whitespace-normal!" onClick={() => void recording.throwAway()}>
                  <span>
                    Throw away, start this slide again <Key>X</Key>
                  </span>
                </Button>
              </>
            )}
          </div>
          {phase === 'idle' && onAgain && (
            <Button className="w-full" onClick={onAgain}>
              Record again from step {recording.step + 1}
            </Button>
          )}
          {phase === 'idle' && (
            <Button className="w-full" onClick={() => setChecking(true)}>
              Check the sound
            </Button>
          )}
          {isChecking && chosen.source && (
            <SoundCheck stream={chosen.source.stream} onClose={() => setChecking(false)} />
          )}
          {phase === 'idle' && (
            <div className="w-full">
              <Choice
                label="Record with"
                value={chosen.device}
                onChoose={(choice) => void chosen.open(choice)}
                choices={[
                  { value: 'default', label: 'The microphone' },
                  ...chosen.devices.map((each) => ({ value: each.id, label: each.label })),
                  { value: PRACTICE, label: 'The practice voice' },
                ]}
              />
            </div>
          )}
        </>
      )}
      {chosen.source !== null && <FilmChoice films={films} />}
      <p className="text-center text-small text-quiet">
        {ready === 0
          ? 'No take of this slide yet'
          : ready === 1
            ? '1 take of this slide'
            : `${ready} takes of this slide`}
        {onTheirWay > 1 && <span className="block">{onTheirWay} pieces still on their way</span>}
      </p>
    </aside>
  );
}
