import { memo, type ReactNode, useLayoutEffect, useRef } from 'react';
import { enlarged, type Seen } from '../tracks/views/show';
import { besideRooms } from './beside';
import { placed } from './live/placed';
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
  /** Live blocks that are shown in another state. */
  states?: LiveGroups[];
  /** The part that is seen large; all of it where there is none. */
  view?: Seen;
  /** What is filmed and seen beside the slide, which makes room for it. */
  beside?: ReactNode;
  /** What is filmed and seen in the slide’s place. */
  instead?: ReactNode;
}

/** A block in another state: its groups, and those of blocks that show its numbers, which take the place of those in the drawing. */
export interface LiveGroups {
  block: string;
  svg: string;
}

const NONE: LiveGroups[] = [];

/** Exchanges groups of a drawing for those of other states, and brings back those that were exchanged before. */
function showStates(drawing: Element, states: LiveGroups[]): void {
  for (const added of drawing.querySelectorAll('[data-live]')) added.remove();
  for (const replaced of drawing.querySelectorAll('[data-replaced]')) replaced.removeAttribute('data-replaced');
  for (const state of states) {
    const parsed = new DOMParser().parseFromString(state.svg, 'image/svg+xml').documentElement;
    for (const group of [...parsed.children]) {
      const block = CSS.escape(group.getAttribute('data-block') ?? '');
      const old = drawing.querySelectorAll(`g[data-block="${block}"]:not([data-live])`);
      const copy = document.importNode(group, true);
      copy.setAttribute('data-live', '');
      old[0]?.before(copy);
      for (const each of old) each.setAttribute('data-replaced', '');
    }
  }
}

const Drawing = memo(function Drawing({ svg }: { svg: string }) {
  return <div className="absolute inset-0" dangerouslySetInnerHTML={{ __html: svg }} />;
});

/** Shows the picture of a slide at one of its steps. What comes later is hidden from eyes and screen readers alike. */
export function Stage({
  svg,
  steps,
  step,
  label,
  children,
  className = '',
  shows,
  page = WIDE,
  states = NONE,
  view,
  beside,
  instead,
}: StageProps) {
  const rooms = besideRooms(page);
  const box = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new picture must be gone through again
  useLayoutEffect(() => {
    if (box.current) showStates(box.current, states);
    const seen = new Set(steps.slice(0, step + 1));
    for (const group of box.current?.querySelectorAll('g[data-step]') ?? []) {
      const isTakenOff = seen.has(group.getAttribute('data-until') ?? '');
      const isHidden = isTakenOff || !seen.has(group.getAttribute('data-step') ?? '');
      group.toggleAttribute('data-hidden', shows !== 'all' && isHidden);
    }
  }, [svg, steps, step, shows, states]);
  return (
    <div
      ref={box}
      className={`stage relative w-full overflow-hidden ${beside ? 'bg-paper' : 'bg-sheet'} ${className}`}
      style={{ aspectRatio: `${page.width} / ${page.height}` }}
    >
      <div className="absolute overflow-hidden" style={beside ? placed(rooms.slide, page) : { inset: 0 }}>
        <div
          className="absolute inset-0 origin-top-left motion-safe:transition-transform motion-safe:duration-300"
          style={{ transform: enlarged(view, page) }}
          data-enlarged={view ? '' : undefined}
        >
          <div role="img" aria-label={label} className="contents">
            <Drawing svg={svg} />
          </div>
          {instead && <div className="pointer-events-none absolute inset-0">{instead}</div>}
          {children}
        </div>
      </div>
      {beside && (
        <div className="absolute overflow-hidden rounded-sm" style={placed(rooms.camera, page)}>
          {beside}
        </div>
      )}
    </div>
  );
}
