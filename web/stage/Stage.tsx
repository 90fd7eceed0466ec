import { memo, type ReactNode, useLayoutEffect, useRef } from 'react';
import { type Page, WIDE } from './page';

interface StageProps {
  svg: string;
  /** Step ids of the slide in order. */
  steps: string[];
  /** Number of the step shown, from 0. */
  step: number;
  label: string;
  children?: ReactNode;
  className?: string;
  /** Everything that appears on the slide, whatever the step. */
  shows?: 'all';
  page?: Page;
}

const Drawing = memo(function Drawing({ svg }: { svg: string }) {
  return <div className="absolute inset-0" dangerouslySetInnerHTML={{ __html: svg }} />;
});

/** Shows the picture of a slide at one of its steps. What comes later is hidden from eyes and screen readers alike. */
export function Stage({ svg, steps, step, label, children, className = '', shows, page = WIDE }: StageProps) {
  const box = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new picture must be gone through again
  useLayoutEffect(() => {
    const seen = new Set(steps.slice(0, step + 1));
    for (const group of box.current?.querySelectorAll('g[data-step]') ?? []) {
      const isTakenOff = seen.has(group.getAttribute('data-until') ?? '');
      const isHidden = isTakenOff || !seen.has(group.getAttribute('data-step') ?? '');
      group.toggleAttribute('data-hidden', shows !== 'all' && isHidden);
    }
  }, [svg, steps, step, shows]);
  return (
    <div
      ref={box}
      className={`stage relative w-full overflow-hidden bg-sheet ${className}`}
      style={{ aspectRatio: `${page.width} / ${page.height}` }}
    >
      <div role="img" aria-label={label} className="contents">
        <Drawing svg={svg} />
      </div>
      {children}
    </div>
  );
}
