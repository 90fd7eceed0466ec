/** Hills under the Sun in a frame, 24 by 24. */
export const sign = 'M3 5h18v14H3zM3 16l6-5 4 4 3-2 5 4M16 9h.01';
