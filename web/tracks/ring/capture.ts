import { whileHeld } from '../held';

export const ring = whileHeld('ring', 'r', 'Ring');
