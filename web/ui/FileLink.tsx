import type { ReactNode } from 'react';

/** A file to take away, looking like a button. */
export function FileLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a
      href={href}
      className="inline-flex min-h-10 items-center rounded border border-edge bg-sheet px-3.5 hover:border-action"
      download
    >
      {children}
    </a>
  );
}
