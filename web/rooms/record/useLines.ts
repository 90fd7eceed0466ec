import { useState } from 'react';
import { send, sentence } from '../../request';
import type { Source } from './microphone';

/** The practice voice speaks a line of the script; a microphone waits for the teacher to. */
export function useLines(lesson: string, slide: string | undefined, source: Source | null) {
  const [trouble, setTrouble] = useState('');
  const [fetched] = useState(() => new Map<string, ArrayBuffer>());
  const say = async (script: string) => {
    if (!source?.speak) return;
    try {
      const known = fetched.get(script);
      const wav =
        known ?? (await (await send('POST', `/api/lessons/${lesson}/voice`, { script, slide })).arrayBuffer());
      fetched.set(script, wav);
      await source.speak(wav);
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  return { say, trouble, forgive: () => setTrouble('') };
}
