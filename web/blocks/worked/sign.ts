/** Numbered lines, the last one done, 24 by 24. */
export const sign = 'M4 6h2M9 6h11M4 12h2M9 12h8M4 18l2 2 3-4M13 18h7';
