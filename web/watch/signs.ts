/** The signs beside the words of a player’s controls, in a square of 24. */
export const PLAY = 'M7 4.5v15l12-7.5z';
export const STOP = 'M8 5v14M16 5v14';
export const BACK = 'M4 5v5h5M4.6 10A8 8 0 1 1 4 14.5';
export const WHOLE_SCREEN = 'M9 4H4v5M15 4h5v5M9 20H4v-5M15 20h5v-5';
export const SMALL_SCREEN = 'M4 9h5V4M20 9h-5V4M4 15h5v5M20 15h-5v5';
