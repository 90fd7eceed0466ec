import { useEffect, useState } from 'react';

/** Tells long work that its place on the page is gone. */
export function useLeaving(): AbortSignal {
  const [controller] = useState(() => new AbortController());
  useEffect(() => () => controller.abort(), [controller]);
  return controller.signal;
}
