import type { Note } from '../capture';

export const visited = (slide: string): Note => ({ kind: 'visit', slide });

export const returned = (): Note => ({ kind: 'return' });
