import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Field';
import { RATE, type Take } from '../lesson/takes';
import type { Changes } from './useEditing';
import type { Listening } from './useListening';

/** Samples that are heard to compare: eight seconds. */
const HEARD = 8 * RATE;

interface CleanSoundProps {
  /** Those that the lesson plays. */
  takes: Take[];
  /** The one that is looked at, to compare by. */
  take: Take | undefined;
  listening: Listening;
  onEdit: (changes: Changes) => void;
}

/** Hum, hiss and clicks made less, for the whole lesson: heard before and after, and taken back. */
export function CleanSound({ takes, take, listening, onEdit }: CleanSoundProps) {
  const cleaned = takes.filter((each) => each.cleaned).length;
  const isOn = takes.length > 0 && cleaned === takes.length;
  const hear = (isCleaned: boolean) => {
    if (!take) return;
    const from = firstKept(take);
    listening.play([{ take: take.id, from, to: Math.min(take.length, from + HEARD), cleaned: isCleaned }]);
  };
  return (
    <section aria-label="Sound" className="mt-5 border-t border-rule pt-4">
      <h2 className="mb-1 text-lg">Hum, hiss and clicks</h2>
      <p className="mb-2 text-small text-quiet">
        The mains, the fan and the desk can be made less; the voice stays as it is, and so does what was recorded.
        {cleaned > 0 && !isOn && ` Now: in ${cleaned} of ${takes.length} slides.`}
      </p>
      <Tick
        label="Make them less in the whole lesson"
        checked={isOn}
        onChange={(checked) => onEdit(Object.fromEntries(takes.map((each) => [each.id, { cleaned: checked }])))}
      />
      <div className="mt-1 flex gap-3">
        {listening.isPlaying ? (
          <Button onClick={listening.stop}>Stop listening</Button>
        ) : (
          <>
            <Button disabled={!take} onClick={() => hear(false)}>
              Hear before
            </Button>
            <Button disabled={!take} onClick={() => hear(true)}>
              Hear after
            </Button>
          </>
        )}
      </div>
    </section>
  );
}

/** Where what is kept of a take begins. */
function firstKept(take: Take): number {
  const first = take.cuts.find((cut) => cut.from === 0);
  return first ? first.to : 0;
}
