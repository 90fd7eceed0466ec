import { clock } from '../../clock';
import { RATE, type Take } from '../lesson/takes';
import { pressed } from './pressed';

interface TakeChoiceProps {
  takes: Take[];
  take: Take | undefined;
  onOpen: (id: string) => void;
}

/** The takes of a slide, of which one is looked at. */
export function TakeChoice({ takes, take, onOpen }: TakeChoiceProps) {
  return (
    <ul className="flex flex-wrap gap-2" aria-label="Takes of this slide">
      {takes.map((each, index) => (
        <li key={each.id}>
          <button
            type="button"
            aria-pressed={each.id === take?.id}
            onClick={() => onOpen(each.id)}
            className={`min-h-11 rounded border border-edge bg-sheet px-3 py-1 text-left ${pressed(each.id === take?.id)}`}
          >
            Take {index + 1}, {clock(each.length / RATE)}
            <span className="block text-small text-quiet">{standing(each)}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

function standing(take: Take): string {
  if (take.state === 'preparing') return 'being prepared';
  if (take.state === 'failed') return 'cannot be read';
  return take.chosen ? 'in the lesson' : 'kept aside';
}
