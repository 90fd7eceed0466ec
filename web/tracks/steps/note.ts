import type { Note } from '../capture';

export const revealed = (step: string): Note => ({ kind: 'step', step });

export const shown = (slide: string): Note => ({ kind: 'show', slide });
