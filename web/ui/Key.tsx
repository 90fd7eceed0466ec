import type { ReactNode } from 'react';

/** The key that does the same as the button it stands on. */
export function Key({ children }: { children: ReactNode }) {
  return <kbd className="ml-1 rounded border border-current px-1.5 font-sans text-small opacity-80">{children}</kbd>;
}
