import { useCallback, useState } from 'react';
import { sentence } from './request';

/**
 * Does work and keeps the sentence that says what went wrong with it, until work goes well.
 *
 * @returns the sentence, empty while nothing is wrong, and the way to do something: it answers whether it went well
 */
export function useTrouble(): [string, (work: () => Promise<unknown>) => Promise<boolean>] {
  const [trouble, setTrouble] = useState('');
  const attempt = useCallback(async (work: () => Promise<unknown>) => {
    try {
      await work();
      setTrouble('');
      return true;
    } catch (error) {
      setTrouble(sentence(error));
      return false;
    }
  }, []);
  return [trouble, attempt];
}
