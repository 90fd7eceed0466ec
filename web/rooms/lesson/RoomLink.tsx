import type { ReactNode } from 'react';
import { Link } from 'react-router';

/** The one thing to do in an empty room: go to the room where the lesson goes on. */
export function RoomLink({ to, children }: { to: string; children: ReactNode }) {
  return (
    <Link to={`../${to}`} className="inline-flex min-h-10 items-center rounded bg-action px-4 text-white">
      {children}
    </Link>
  );
}
