import type { Note } from '../capture';

export const paused = (): Note => ({ kind: 'pause' });

export const resumed = (): Note => ({ kind: 'resume' });
