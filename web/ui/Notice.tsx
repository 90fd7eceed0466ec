import type { ReactNode } from 'react';

/** Says what happened and what to do. Read out at once when it comes. */
export function Notice({ children, tone = 'plain' }: { children: ReactNode; tone?: 'plain' | 'trouble' }) {
  const look = tone === 'trouble' ? 'border-recording bg-[#fdf3f2] text-[#7d1a14]' : 'border-action bg-[#eef5f4]';
  return (
    <div role={tone === 'trouble' ? 'alert' : 'status'} className={`rounded border-l-4 px-3 py-2 ${look}`}>
      {children}
    </div>
  );
}
