import { useEffect, useRef, useState } from 'react';
import { givenFiles } from './givenFiles';

/** What was recorded or drawn for a question, with an address under which the page can show it. */
export function useGivenFile(given: string, onWrite: (given: string) => void) {
  const [address, setAddress] = useState<string | null>(null);
  const [edition, setEdition] = useState(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another edition of a file has its name, too
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
  }, [given, edition]);
  /** One state after the other, each in the place of the one before. */
  const last = useRef(Promise.resolve(given));
  const keep = (content: Blob) => {
    last.current = last.current.then(async (before) => {
      // What was given before to the server has no name here.
      const isHere = before !== '' && (await givenFiles.get(before)) !== undefined;
      const id = await givenFiles.keep(content, isHere ? before : undefined);
      if (id !== before) onWrite(id);
      setEdition((edition) => edition + 1);
      return id;
    });
    return last.current;
  };
  return { address, keep };
}
