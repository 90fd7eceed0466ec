/** The cache in which the page leaves what was opened of kept lessons, and its worker finds it. */
export const OPENED = 'daybright-opened';
