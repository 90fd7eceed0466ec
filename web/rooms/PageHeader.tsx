import { Link } from 'react-router';
import { Wordmark } from './Wordmark';

/** The head of a page beside the lessons, with the way back to them. */
export function PageHeader() {
  return (
    <header className="flex items-center gap-4 py-5">
      <Link to="/" aria-label="Daybright Lesson: all lessons">
        <Wordmark />
      </Link>
      <nav className="ml-auto" aria-label="Main">
        <Link to="/" className="px-3 py-2 text-action underline-offset-4 hover:underline">
          Your lessons
        </Link>
      </nav>
    </header>
  );
}
