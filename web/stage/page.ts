import { useSyncExternalStore } from 'react';
import type { PlayedSlide, Programme } from '../answers.types';

/** The page that a slide is shown on: its size in units. */
export interface Page {
  width: number;
  height: number;
}

export const WIDE: Page = { width: 1600, height: 900 };
export const TALL: Page = { width: 670, height: 1042 };

/** A phone held upright. */
const UPRIGHT = '(orientation: portrait) and (max-width: 600px)';

/** A phone on its side: wide, and hardly higher than a slide; style.css says the same. A page enlarged to 400 % is no such one. */
const FLAT = '(orientation: landscape) and (max-height: 500px) and (min-width: 540px)';

export const useIsUpright = (): boolean => useMedia(UPRIGHT);

export const useIsFlat = (): boolean => useMedia(FLAT);

function useMedia(wanted: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const query = window.matchMedia(wanted);
      query.addEventListener('change', changed);
      return () => query.removeEventListener('change', changed);
    },
    () => window.matchMedia(wanted).matches,
  );
}

/** The same programme with the tall pictures of its slides, where there are any, and what is drawn over them. */
export function inTallPictures<Some extends Programme>(programme: Some): Some {
  const slides = Object.entries(programme.slides).map(
    ([id, slide]) => [id, slide.tall ? { ...slide, ...slide.tall, states: inTallStates(slide) } : slide] as const,
  );
  const tracks = { ...programme.tracks, ...programme.drawnTall };
  return { ...programme, tracks, slides: Object.fromEntries(slides) };
}

/** A state that finds no room on the tall page is not shown there. */
function inTallStates(slide: PlayedSlide): PlayedSlide['states'] {
  const states = Object.entries(slide.states ?? {});
  return Object.fromEntries(
    states.flatMap(([name, { tall, ...state }]) => (tall ? [[name, { ...state, svg: tall }]] : [])),
  );
}

/** The page of the picture that a slide is shown by. */
export function pageOf(slide: PlayedSlide): Page {
  return slide.tall?.svg === slide.svg ? TALL : WIDE;
}
