import type { StudentShelf } from '../../answers.types';
import { bytes } from '../../clock';
import { Button } from '../../ui/Button';
import type { Keeping } from './useKept';

interface KeepItProps {
  lesson: StudentShelf['lessons'][number];
  keeping: Keeping;
  isOffline: boolean;
}

/** Under a lesson: whether it is on this device, and the way to have it there. */
export function KeepIt({ lesson, keeping, isOffline }: KeepItProps) {
  const kept = keeping.kept.find((each) => each.share === lesson.id);
  if (keeping.coming?.share === lesson.id) {
    return (
      <Line>
        <progress className="h-2 grow" aria-label="How much has come" value={keeping.coming.come} />
        <Button look="quiet" onClick={keeping.stop}>
          Stop
        </Button>
      </Line>
    );
  }
  if (kept) {
    const isNew = kept.edition !== lesson.edition && !isOffline;
    return (
      <Line>
        <span className="pl-3 text-small text-quiet">
          {isNew ? 'Kept on this device, but there is more of it now' : `Kept on this device, ${bytes(kept.bytes)}`}
        </span>
        {isNew && <Keep keeping={keeping} share={lesson.id} label="Keep the new one" />}
        <Button
          look="quiet"
          aria-label={`Take “${lesson.title}” off this device`}
          onClick={() => void keeping.remove(lesson.id)}
        >
          Take it off
        </Button>
      </Line>
    );
  }
  if (!lesson.mayKeep || !keeping.canKeep || isOffline) return null;
  return (
    <Line>
      <Keep keeping={keeping} share={lesson.id} label="Keep it for when there is no connection" />
    </Line>
  );
}

/** Where the title of a lesson stands: several of them can be kept. */
export const titleOf = (share: string): string => `title-${share}`;

interface KeepProps {
  keeping: Keeping;
  share: string;
  label: string;
}

function Keep({ keeping, share, label }: KeepProps) {
  return (
    <Button
      look="quiet"
      className="text-left whitespace-normal!"
      aria-describedby={titleOf(share)}
      disabled={keeping.coming !== null}
      onClick={() => void keeping.keep(share)}
    >
      {label}
    </Button>
  );
}

function Line({ children }: { children: React.ReactNode }) {
  return <div className="flex min-h-11 flex-wrap items-center gap-x-2 pl-1">{children}</div>;
}
