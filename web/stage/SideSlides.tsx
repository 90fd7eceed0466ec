import { useEffect, useRef } from 'react';
import type { Programme, SlideLink } from '../answers.types';
import { Button } from '../ui/Button';
import { Borders } from './Borders';
import { LiveLayer } from './live/LiveLayer';
import type { Live } from './live/useLive';
import { ProgrammeStage } from './ProgrammeStage';
import { type Page, pageOf, WIDE } from './page';
import { seenAt } from './programme';
import { Stage } from './Stage';
import type { SideTrip } from './sideTrip';

/** What is seen: the lesson at its moment, or the side slide that is being looked at. */
export function SeenStage({
  programme,
  at,
  trip,
  live,
}: {
  programme: Programme;
  at: number;
  trip: SideTrip;
  /** What a student has taken over. */
  live?: Live;
}) {
  const slide = trip.here ? programme.slides[trip.here] : undefined;
  const shown = slide ?? programme.slides[seenAt(programme, at)?.slide ?? ''];
  const step = slide ? slide.steps.length - 1 : (seenAt(programme, at)?.step ?? 0);
  const areas = (
    <>
      <Borders svg={shown?.svg ?? ''} step={step} />
      <LinkAreas links={trip.links} page={shown ? pageOf(shown) : WIDE} onVisit={trip.visit} />
    </>
  );
  if (!slide) {
    return (
      <ProgrammeStage programme={programme} at={at} taken={live?.states}>
        {live ? <LiveLayer live={live} page={shown ? pageOf(shown) : WIDE} /> : areas}
      </ProgrammeStage>
    );
  }
  const last = slide.steps.length - 1;
  return (
    <Stage
      svg={slide.svg}
      steps={slide.steps}
      step={last}
      label={slide.descriptions[last] || slide.title}
      page={pageOf(slide)}
    >
      {areas}
    </Stage>
  );
}

/** Under the picture: where one can look closer, and on a side slide what is told of it and the way back. */
export function SideSlides({ programme, trip }: { programme: Programme; trip: SideTrip }) {
  const slide = trip.here ? programme.slides[trip.here] : undefined;
  const heading = useRef<HTMLHeadingElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: every slide gone to is told anew
  useEffect(() => heading.current?.focus({ preventScroll: true }), [trip.here]);
  return (
    <>
      {slide && (
        <section aria-label="Side slide" className="mt-2 rounded border border-rule bg-sheet p-4">
          <h2 ref={heading} tabIndex={-1} className="text-lg outline-none">
            {slide.title || 'A closer look'}
          </h2>
          {slide.script.map((line) => (
            <p key={line} className="mt-2 text-lg">
              {line}
            </p>
          ))}
          <Button look="main" className="mt-3 min-h-12!" onClick={trip.back}>
            Back
          </Button>
        </section>
      )}
      {trip.links.length > 0 && (
        <nav aria-label="Look closer" className="mt-2 flex flex-wrap items-center gap-2">
          <span aria-hidden="true">Look closer:</span>
          {trip.links.map((link) => (
            <Button
              key={link.slide + link.label}
              className="min-h-12! text-left whitespace-normal!"
              onClick={() => trip.visit(link.slide)}
            >
              {link.label}
              {trip.seen.has(link.slide) && (
                <span className="ml-2 text-small text-quiet">
                  <span aria-hidden="true">✓ </span>seen
                </span>
              )}
            </Button>
          ))}
        </nav>
      )}
    </>
  );
}

/** For a pointer on the picture itself; fingers and keys have the buttons below it. */
function LinkAreas({ links, page, onVisit }: { links: SlideLink[]; page: Page; onVisit: (slide: string) => void }) {
  const across = (units: number) => `${(100 * units) / page.width}%`;
  const down = (units: number) => `${(100 * units) / page.height}%`;
  return links.flatMap((link) =>
    link.areas.map(([x, y, width, height]) => (
      <button
        key={`${x} ${y}`}
        type="button"
        tabIndex={-1}
        aria-hidden="true"
        title={link.label}
        onClick={() => onVisit(link.slide)}
        className="absolute cursor-pointer rounded hover:outline-3 hover:outline-action"
        style={{ left: across(x), top: down(y), width: across(width), height: down(height) }}
      />
    )),
  );
}
