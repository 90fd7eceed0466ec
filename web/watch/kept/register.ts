/**
 * Waits until the page’s worker works, which has the page itself on this device by then.
 *
 * @throws with a sentence when it cannot be kept: the browser would let a page wait for it for ever
 */
export async function registered(signal: AbortSignal): Promise<void> {
  const { installing } = await navigator.serviceWorker.register('/worker.js');
  await new Promise<void>((resolve, reject) => {
    void navigator.serviceWorker.ready.then(() => resolve());
    signal.addEventListener('abort', () => reject(signal.reason));
    installing?.addEventListener('statechange', () => {
      // A newer one may fail while an older one works; then nothing waits any more.
      if (installing.state === 'redundant')
        reject(
          new Error(
            'This page could not be kept on this device. It may be full, or the connection was lost. Make room on it, then try again.',
          ),
        );
    });
  });
}
