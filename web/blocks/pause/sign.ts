/** Two bars, 24 by 24. */
export const sign = 'M9 5v14M15 5v14';
