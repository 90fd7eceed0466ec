import type { Programme } from '../answers.types';
import { addressesAt } from './programme';

interface OutsideLinksProps {
  programme: Programme;
  at: number;
  /** Side slide that is looked at instead of the lesson’s own. */
  here: string | null;
  /** The lesson waits while something else is looked at. */
  onOpen: () => void;
}

/** Where the cards on the slide that is seen lead to. Nothing is loaded from there before it is opened. */
export function OutsideLinks({ programme, at, here, onOpen }: OutsideLinksProps) {
  const links = addressesAt(programme, at, here);
  if (links.length === 0) return null;
  return (
    <ul aria-label="Links of this slide" className="mt-2 flex flex-col gap-2">
      {links.map((link) => (
        <li key={link.address} className="rounded border border-rule bg-sheet px-4 py-2">
          <a
            href={link.address}
            target="_blank"
            rel="noopener noreferrer"
            onClick={onOpen}
            className="inline-block py-2 text-lg text-action underline"
          >
            {link.title}
            <span className="sr-only"> (opens beside the lesson)</span>
          </a>
          {link.part && <span className="ml-3 text-quiet">{link.part}</span>}
          {link.why && <p>{link.why}</p>}
        </li>
      ))}
    </ul>
  );
}
