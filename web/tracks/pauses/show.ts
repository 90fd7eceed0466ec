import type { Track } from '../track';

/** While the recording was paused nothing is kept of it: there is nothing to show. */
export const pauses: Track = { name: 'pauses' };
