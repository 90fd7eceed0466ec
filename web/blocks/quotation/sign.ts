/** Lines beside a bar, 24 by 24. */
export const sign = 'M5 4v16M10 8h10M10 13h10M14 18h6';
