import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { useDesk } from './desk';

/** Stands in for a room that cannot be shown as the lesson is now: the header stays, and the last change can be taken back. */
export function BrokenRoom({ onAgain }: { onAgain: () => void }) {
  const desk = useDesk();
  return (
    <main className="mx-auto w-full max-w-xl p-10">
      <Notice tone="trouble">
        This room cannot be shown as the lesson is now. Nothing that was saved is lost. Take back the last change, or
        try again.
      </Notice>
      <div className="mt-4 flex gap-3">
        <Button look="main" onClick={desk.undo} disabled={!desk.canUndo}>
          Take back the last change
        </Button>
        <Button onClick={onAgain}>Try again</Button>
      </div>
    </main>
  );
}
