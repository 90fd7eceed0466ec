import { createContext, type ReactNode, useContext } from 'react';
import type { PausePoint } from '../answers.types';

const Context = createContext<(pause: PausePoint) => ReactNode>(() => null);

export const AskedSlideProvider = Context.Provider;

/** The slide as it is seen where the lesson waits, on its wide page. */
export function useAskedSlide(pause: PausePoint): ReactNode {
  return useContext(Context)(pause);
}
