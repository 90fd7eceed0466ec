import type { Track } from '../track';

/** The slides of the lesson, each building up step by step. */
export const steps: Track = { name: 'steps', showsSlides: true };
