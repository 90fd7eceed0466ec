/** A frame that a border parts, 24 by 24. */
export const sign = 'M3 5h18v14H3zM12 3v18M3 16l4-4 5 4M12 16h9M16.5 9h.01';
