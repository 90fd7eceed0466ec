/** A question mark in a ring, 24 by 24. */
export const sign = 'M12 3a9 9 0 1 0 0 18a9 9 0 0 0 0-18zM9.5 9.5a2.5 2.5 0 1 1 3.6 2.3c-.8.4-1.1.9-1.1 1.7M12 17h.01';
