import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useDesk } from '../lesson/desk';
import type { Take } from '../lesson/takes';
import { filmOutbox } from './filmOutbox';
import { outbox } from './outbox';

interface UnfinishedTakesProps {
  takes: Take[];
  /** While something is being recorded or sent, nothing is broken off. */
  isBusy: boolean;
  onSettled: () => Promise<void>;
}

/** Takes that were broken off: what arrived can be kept. */
export function UnfinishedTakes({ takes, isBusy, onSettled }: UnfinishedTakesProps) {
  const desk = useDesk();
  const [trouble, attempt] = useTrouble();
  if (isBusy || takes.length === 0) return null;
  const run = async (take: Take, work: () => Promise<unknown>) => {
    await attempt(async () => {
      await work();
      await outbox.forget(take.id);
      await filmOutbox.forgetAll((film) => film.take === take.id);
    });
    await onSettled();
  };
  const title = (id: string) =>
    desk.document.parts.flatMap((part) => part.slides).find((slide) => slide.id === id)?.title ?? 'a slide';
  return (
    <Notice>
      {takes.map((take) => (
        <div key={take.id} className="flex flex-wrap items-center gap-2 py-1">
          <p className="grow">
            A recording of “{title(take.slide)}” was broken off. About {Math.max(1, Math.round(take.pieces / 2))}{' '}
            seconds of it are safe.
          </p>
          <Button look="main" onClick={() => void run(take, () => ask('POST', `/api/takes/${take.id}/finish`, {}))}>
            Keep what was recorded
          </Button>
          <Button onClick={() => void run(take, () => ask('DELETE', `/api/takes/${take.id}`))}>Throw it away</Button>
        </div>
      ))}
      {trouble}
    </Notice>
  );
}
