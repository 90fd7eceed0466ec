/** A curve over its axes, 24 by 24. */
export const sign = 'M4 4v16h16M7 16c4 0 4-8 8-8 2 0 3 1 4 2';
