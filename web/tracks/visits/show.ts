import type { Track } from '../track';

/** Another slide that is looked at and left again. */
export const visits: Track = { name: 'visits', showsSlides: true };
