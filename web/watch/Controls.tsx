import { clock, spokenTime } from '../clock';
import type { Playing } from '../stage/Player';
import { Button } from '../ui/Button';

const SPEEDS = [0.5, 0.75, 1, 1.25, 1.5, 2];

interface ControlsProps {
  player: Playing;
  /** Milliseconds of narration. */
  length: number;
  hasBegun: boolean;
  hasCaptions: boolean;
  onBegin: () => void;
  onSeek: (at: number) => void;
  onCaptions: (hasCaptions: boolean) => void;
}

/** Stop and go on, back a little, how fast, with or without captions, and where one is. */
export function Controls({ player, length, hasBegun, hasCaptions, onBegin, onSeek, onCaptions }: ControlsProps) {
  const isOver = player.at >= length - 30;
  return (
    <div className="flex flex-wrap items-center gap-2 py-2">
      <Button
        look={player.waiting ? 'plain' : 'main'}
        className="min-h-12! min-w-24"
        disabled={player.waiting !== null}
        onClick={hasBegun ? (player.isPlaying ? player.pause : player.play) : onBegin}
      >
        {player.isPlaying ? 'Stop' : isOver ? 'Watch again' : hasBegun ? 'Go on' : 'Start'}
      </Button>
      <Button className="min-h-12!" onClick={() => onSeek(player.at - 10000)} aria-label="− 10 s: back ten seconds">
        − 10 s
      </Button>
      <span className="tabular-nums">
        {clock(player.at / 1000)} / {clock(length / 1000)}
      </span>
      <label className="ml-auto flex items-center gap-2 text-small">
        Speed
        <select
          value={player.speed}
          onChange={(event) => player.setSpeed(Number(event.target.value))}
          className="min-h-12 rounded border border-edge bg-sheet px-2 text-base"
        >
          {SPEEDS.map((speed) => (
            <option key={speed} value={speed}>
              {speed === 1 ? 'normal' : `${speed} ×`}
            </option>
          ))}
        </select>
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
      <input
        type="range"
        aria-label="Place in the lesson"
        aria-valuetext={`${spokenTime(player.at / 1000)} of ${spokenTime(length / 1000)}`}
        min={0}
        max={length}
        step={1000}
        value={player.at}
        onChange={(event) => onSeek(Number(event.target.value))}
        className="h-8 w-full accent-action"
      />
    </div>
  );
}
