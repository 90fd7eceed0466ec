import type { ReactNode } from 'react';

/** Says what happened and what to do. Read out at once when it comes. */
export function Notice({ children, tone = 'plain' }: { children: ReactNode; tone?: 'plain' | 'trouble' }) {
  const look =
    tone === 'trouble' ? 'border-recording bg-trouble-ground text-trouble' : 'border-action bg-action-ground';
  return (
    <div role={tone === 'trouble' ? 'alert' : 'status'} className={`rounded border-l-4 px-3 py-2 ${look}`}>
      {children}
    </div>
  );
}
