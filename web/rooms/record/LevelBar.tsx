import { clock } from '../../clock';
import { Notice } from '../../ui/Notice';
import type { Level } from './microphone';

interface LevelBarProps {
  level: Level;
  isOn: boolean;
  /** Seconds of the take at which the silence began; null while nothing is recorded. */
  silentAt: number | null;
}

/** How loud the voice is, and what to do when it is too loud or not there. */
export function LevelBar({ level, isOn, silentAt }: LevelBarProps) {
  // Loudness as the ear hears it: 60 dB over the length of the bar.
  const share = Math.max(0, Math.min(1, 1 + Math.log10(Math.max(level.peak, 0.001)) / 3));
  const isSilent = isOn && level.silent > 3;
  return (
    <div className="w-full">
      <div className="mb-1 flex justify-between text-small text-quiet">
        <span>Voice</span>
        <span>{level.isClipping ? 'too loud' : isSilent ? 'silent' : share > 0.6 ? 'good' : 'quiet'}</span>
      </div>
      {/* biome-ignore lint/a11y/useSemanticElements: a meter element cannot be coloured alike in all browsers */}
      <div
        className="h-3 overflow-hidden rounded-full border border-edge bg-sheet"
        role="meter"
        aria-label="Level of the voice"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(share * 100)}
      >
        <div
          className={`h-full ${level.isClipping ? 'bg-recording' : 'bg-action'}`}
          style={{ width: `${share * 100}%` }}
        />
      </div>
      {level.isClipping && (
        <div className="mt-2">
          <Notice tone="trouble">The voice is too loud and will crackle. Move the microphone away a little.</Notice>
        </div>
      )}
      {isSilent && (
        <div className="mt-2">
          <Notice tone="trouble">
            {silentAt === null
              ? 'The microphone is silent. Check its cable and its switch.'
              : `The microphone went silent at ${clock(silentAt)}. Check its cable and its switch, then record this slide again.`}
          </Notice>
        </div>
      )}
    </div>
  );
}
