import { whileHeld } from '../held';

export const light = whileHeld('light', 'l', 'Light');
