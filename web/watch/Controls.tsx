import { useId } from 'react';
import { clock, spokenTime } from '../clock';
import type { Playing } from '../stage/Player';
import { Button } from '../ui/Button';
import { Select } from '../ui/Select';
import { Sign } from '../ui/Sign';
import { BACK, PLAY, SMALL_SCREEN, STOP, WHOLE_SCREEN } from './signs';
import type { WholeScreen } from './useWholeScreen';

const SPEEDS = [0.5, 0.75, 1, 1.25, 1.5, 2];

interface ControlsProps {
  player: Playing;
  /** Milliseconds of narration. */
  length: number;
  hasBegun: boolean;
  hasCaptions: boolean;
  wholeScreen: WholeScreen;
  onBegin: () => void;
  onSeek: (at: number) => void;
  onCaptions: (hasCaptions: boolean) => void;
}

/** Stop and go on, back a little, how fast, with or without captions, and where one is. */
export function Controls({
  player,
  length,
  hasBegun,
  hasCaptions,
  wholeScreen,
  onBegin,
  onSeek,
  onCaptions,
}: ControlsProps) {
  const speedId = useId();
  const isOver = player.at >= length - 30;
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1 py-1 sm:gap-y-2 sm:py-2 flat:flex-nowrap flat:gap-x-1.5 flat:py-1">
      <Button
        look={player.waiting ? 'plain' : 'main'}
        className="min-h-12! min-w-28 flat:min-h-11! flat:min-w-21 flat:gap-1 flat:px-1.5!"
        disabled={player.waiting !== null}
        onClick={hasBegun ? (player.isPlaying ? player.pause : player.play) : onBegin}
      >
        <Sign path={player.isPlaying ? STOP : PLAY} size={18} />
        {player.isPlaying ? 'Stop' : isOver ? 'Watch again' : hasBegun ? 'Go on' : 'Start'}
      </Button>
      <Button
        className="min-h-12! px-2.5! flat:min-h-11! flat:gap-1 flat:px-1.5!"
        onClick={() => onSeek(player.at - 10000)}
        aria-label="10 s: back ten seconds"
      >
        <Sign path={BACK} size={18} />
        10 s
      </Button>
      <span className="whitespace-nowrap tabular-nums">
        {clock(player.at / 1000)} <span className="flat:sr-only">/ {clock(length / 1000)}</span>
      </span>
      <label htmlFor={speedId} className="ml-auto flex items-center gap-2 text-small flat:ml-0">
        <span className="flat:sr-only">Speed</span>
        <Select
          id={speedId}
          value={player.speed}
          onChange={(event) => player.setSpeed(Number(event.target.value))}
          className="min-h-12 rounded border flat:min-h-11 border-edge bg-sheet pl-2 text-base flat:w-23 flat:pl-1"
        >
          {SPEEDS.map((speed) => (
            <option key={speed} value={speed}>
              {speed === 1 ? 'normal' : `${speed} ×`}
            </option>
          ))}
        </Select>
      </label>
      <label className="flex min-h-12 items-center gap-2 text-small">
        <input
          type="checkbox"
          className="size-5 accent-action"
          checked={hasCaptions}
          onChange={(event) => onCaptions(event.target.checked)}
        />
        Captions
      </label>
      {wholeScreen.toggle && (
        <Button
          className="min-h-12! px-2.5! flat:min-h-11! flat:gap-1 flat:px-1.5!"
          aria-label="Whole screen"
          aria-pressed={wholeScreen.isOn}
          onClick={wholeScreen.toggle}
        >
          <Sign path={wholeScreen.isOn ? SMALL_SCREEN : WHOLE_SCREEN} size={18} />
          <span className="hidden xl:inline">Whole screen</span>
        </Button>
      )}
      <input
        type="range"
        aria-label="Place in the lesson"
        aria-valuetext={`${spokenTime(player.at / 1000)} of ${spokenTime(length / 1000)}`}
        min={0}
        max={length}
        step={1000}
        value={player.at}
        onChange={(event) => onSeek(Number(event.target.value))}
        className="h-8 w-full accent-action flat:order-first flat:w-8 flat:grow"
      />
    </div>
  );
}
