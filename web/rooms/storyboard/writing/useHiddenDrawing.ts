import { type RefObject, useLayoutEffect } from 'react';

/** Of what a text is drawn with: words, formulas, and the dots of lists. */
const DRAWN = 'text, g, circle';

/** Dots of lists are small; larger circles belong to something else. */
const LARGEST_DOT = 24;

/**
 * Takes the drawn letters away while the same text is typed over them.
 *
 * @param svg of the slide: a new picture is gone through again
 */
export function useHiddenDrawing(
  isHidden: boolean,
  box: RefObject<HTMLElement | null>,
  slideBox: RefObject<HTMLElement | null>,
  block: string,
  svg: string,
): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new picture must be gone through again
  useLayoutEffect(() => {
    if (!isHidden || !box.current || !slideBox.current) return;
    const area = box.current.getBoundingClientRect();
    const drawn = slideBox.current.querySelectorAll<SVGElement>(`g[data-block="${CSS.escape(block)}"] > *`);
    const hidden = [...drawn].filter((element) => element.matches(DRAWN) && isIn(element, area));
    for (const element of hidden) element.style.visibility = 'hidden';
    return () => {
      for (const element of hidden) element.style.visibility = '';
    };
  }, [isHidden, block, svg]);
}

function isIn(element: SVGElement, area: DOMRect): boolean {
  const own = element.getBoundingClientRect();
  if (element.tagName === 'circle' && own.width > LARGEST_DOT) return false;
  const [x, y] = [own.left + own.width / 2, own.top + own.height / 2];
  return x >= area.left && x <= area.right && y >= area.top && y <= area.bottom;
}
