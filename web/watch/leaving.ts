import { useEffect, useRef } from 'react';

/** Tells long work that its place on the page is gone. */
export function useLeaving(): () => AbortSignal {
  const controller = useRef(new AbortController());
  useEffect(() => {
    if (controller.current.signal.aborted) controller.current = new AbortController();
    return () => controller.current.abort();
  }, []);
  return () => controller.current.signal;
}
