import type { ComponentType } from 'react';
import type { Interval } from './playhead';

/** What happens in a lesson, by the name of its track: intervals in the order in which they begin. */
export type Tracks = Record<string, Interval[]>;

export interface LayerProps {
  /** Those of the track that there are at the moment. */
  intervals: Interval[];
  /** Milliseconds on the clock of the intervals. */
  at: number;
  /** Id of the slide that is seen. */
  slide: string;
}

/** A kind of thing that happens as time goes by, as it is shown. */
export interface Track {
  name: string;
  /** Its intervals say which slide is seen; of two that do, the later one in the list of tracks wins. */
  showsSlides?: boolean;
  /** What it draws over the slide, in slide units. */
  Layer?: ComponentType<LayerProps>;
}

/** While a slide is seen at one of its steps, counted from 0. */
export interface ShownSlide extends Interval {
  slide: string;
  step: number;
}
