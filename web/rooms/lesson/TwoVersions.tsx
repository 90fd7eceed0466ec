import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { useDesk } from './desk';

/** Shown when the lesson was changed elsewhere: both versions are there, and the teacher chooses. */
export function TwoVersions() {
  const desk = useDesk();
  return (
    <Sheet
      open={desk.conflict !== null}
      onClose={() => desk.settle('theirs')}
      title="This lesson was changed in another window"
    >
      <p className="mb-5">
        Both versions are kept. Which one do you want to go on with? The other one is one step of Undo or Redo away.
      </p>
      <div className="flex flex-wrap justify-end gap-3">
        <Button onClick={() => desk.settle('theirs')}>Go on with the other window’s version</Button>
        <Button look="main" onClick={() => desk.settle('mine')}>
          Go on with mine
        </Button>
      </div>
    </Sheet>
  );
}
