/** Two capital lines over a rule, 24 by 24. */
export const sign = 'M4 6h11M4 10h7M4 18h16';
