/** Rows and columns under a head, 24 by 24. */
export const sign = 'M3 5h18v14H3zM3 10h18M9 10v9M15 10v9M3 14.500h18';
