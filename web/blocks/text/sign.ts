/** Lines of running text, 24 by 24. */
export const sign = 'M4 6h16M4 11h16M4 16h10';
