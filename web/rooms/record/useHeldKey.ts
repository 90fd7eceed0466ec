import { useEffect, useState } from 'react';

/** Which of some keys is held down, while nothing is being typed. */
export function useHeldKey(keys: string[]): string | null {
  const [held, setHeld] = useState<string | null>(null);
  const watched = keys.join();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const isTyping = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
      const key = event.key.toLowerCase();
      if (!isTyping && !event.ctrlKey && !event.metaKey && !event.altKey && watched.split(',').includes(key))
        setHeld(key);
    };
    const letGo = () => setHeld(null);
    window.addEventListener('keydown', press);
    window.addEventListener('keyup', letGo);
    window.addEventListener('blur', letGo);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('keyup', letGo);
      window.removeEventListener('blur', letGo);
    };
  }, [watched]);
  return held;
}
