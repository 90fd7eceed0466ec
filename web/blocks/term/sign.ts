/** A card with a word on it, 24 by 24. */
export const sign = 'M3 5h18v14H3zM7 10h6M7 14h10';
