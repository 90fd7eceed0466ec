import { useNavigate } from 'react-router';
import type { Shortening } from '../../answers.types';
import { clock } from '../../clock';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Button } from '../../ui/Button';
import { Confirm } from '../../ui/Confirm';
import { Notice } from '../../ui/Notice';

interface MakeTwoProps {
  lesson: string;
  parting: NonNullable<Shortening['parting']>;
}

/** Makes two lessons of one, where they are best parted. */
export function MakeTwo({ lesson, parting }: MakeTwoProps) {
  const go = useNavigate();
  const [trouble, attempt] = useTrouble();
  const title = parting.title || 'the slide without a title';
  return (
    <div className="mt-4 border-t border-rule pt-3">
      <p className="mb-2">
        Or two lessons: the second begins with “{title}”, after {clock(parting.before)}.
      </p>
      <Confirm
        title="Make two lessons of this one?"
        consequence={`The second takes the slides from “${title}” on with their recordings, says what to watch first, and begins with a question about the first. What a class was given stays as it is until you share again.`}
        action="Make two lessons"
        onConfirm={() =>
          void attempt(async () => {
            await ask('POST', `/api/lessons/${lesson}/halves`);
            await go('/');
          })
        }
      >
        <Button>Make two lessons of it</Button>
      </Confirm>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </div>
  );
}
