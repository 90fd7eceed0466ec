/** A strip of film with a mark that it plays, 24 by 24. */
export const sign = 'M4 5h16v14H4zM4 9h2M4 15h2M18 9h2M18 15h2M10 9l5 3-5 3z';
