import { useEffect, useMemo, useState } from 'react';
import type { Programme, SlideLink } from '../answers.types';
import type { Playing } from './Player';
import { seenAt } from './programme';

/** A way from the lesson to side slides and back. */
export interface SideTrip {
  /** The side slide that is looked at. */
  here: string | null;
  /** Where one can go from what is seen. */
  links: SlideLink[];
  seen: ReadonlySet<string>;
  visit(slide: string): void;
  /** To where one came from; the lesson stands where it stood. */
  back(): void;
  /** To the lesson, from however far. */
  leave(): void;
}

/** The lesson stops while a side slide is looked at. */
export function useSideTrip(programme: Programme, player: Playing): SideTrip {
  const [path, setPath] = useState<string[]>([]);
  const [seen, setSeen] = useState<ReadonlySet<string>>(new Set());
  const here = path[path.length - 1] ?? null;
  const links = useMemo(() => linksAt(programme, player.at, here), [programme, player.at, here]);
  const visit = (slide: string) => {
    if (!programme.slides[slide] || slide === here) return;
    player.pause();
    setPath((before) => [...before, slide]);
    setSeen((before) => new Set(before).add(slide));
  };
  const leave = () => setPath([]);
  const back = () => setPath((before) => before.slice(0, -1));
  useEffect(() => {
    if (!here) return;
    const keys = (event: KeyboardEvent) => {
      if (event.key === 'Escape') setPath((before) => before.slice(0, -1));
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [here]);
  return { here, links, seen, visit, back, leave };
}

/** A side slide shows all it has; a slide of the lesson only what has been revealed. */
export function linksAt(programme: Programme, at: number, here: string | null): SlideLink[] {
  if (here) return programme.slides[here]?.links ?? [];
  const shown = seenAt(programme, at);
  const links = shown ? (programme.slides[shown.slide]?.links ?? []) : [];
  return links.filter((link) => link.step <= (shown?.step ?? 0));
}
