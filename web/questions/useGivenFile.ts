import { useEffect, useState } from 'react';
import { givenFiles } from './givenFiles';

/** What was recorded or drawn for a question, with an address under which the page can show it. */
export function useGivenFile(given: string, onWrite: (given: string) => void) {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let isHere = true;
    let made: string | null = null;
    void (given === '' ? Promise.resolve(undefined) : givenFiles.get(given)).then((content) => {
      if (!isHere) return;
      made = content ? URL.createObjectURL(content) : null;
      setAddress(made);
    });
    return () => {
      isHere = false;
      if (made) URL.revokeObjectURL(made);
    };
  }, [given]);
  const keep = async (content: Blob) => {
    if (given !== '') await givenFiles.forget(given);
    onWrite(await givenFiles.keep(content));
  };
  return { address, keep };
}
