/** Steps one below another, 24 by 24. */
export const sign = 'M4 5h3v3H4zM11 6.500h9M4 11h3v3H4zM11 12.500h9M4 17h3v3H4zM11 18.500h9';
