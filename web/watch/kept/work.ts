import { createContext, useContext } from 'react';
import type { LessonWork } from './LessonWork';

const Context = createContext<LessonWork | null>(null);

export const LessonWorkProvider = Context.Provider;

/** What the student does in the lesson that is open. */
export function useLessonWork(): LessonWork {
  const work = useContext(Context);
  if (!work) throw new Error('No lesson is open here.');
  return work;
}
