import type { ComponentProps } from 'react';

/** A native list to choose from, with an arrow of ours: each system draws its own. */
export function Select({ className = '', ...more }: ComponentProps<'select'>) {
  return <select {...more} className={`arrowed ${className}`} />;
}
