import { type Page, WIDE } from '../stage/page';
import { playing } from './playhead';
import { TRACKS } from './shown';
import type { Tracks } from './track';

/** What the tracks draw over the slide at a moment. */
export function TrackLayers({
  tracks,
  at,
  slide,
  page = WIDE,
}: {
  tracks: Tracks;
  at: number;
  slide: string;
  page?: Page;
}) {
  return (
    <svg
      viewBox={`0 0 ${page.width} ${page.height}`}
      className="pointer-events-none absolute inset-0 h-full w-full"
      aria-hidden="true"
    >
      {TRACKS.map(
        ({ name, Layer }) =>
          Layer && <Layer key={name} intervals={playing(tracks[name] ?? [], at)} at={at} slide={slide} />,
      )}
    </svg>
  );
}
