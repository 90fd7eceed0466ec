/** Milliseconds of a step back that counts as hearing something again. */
const AGAIN = 3000;

/** A step from one place in the lesson to another: there is none before its beginning. */
export function step(from: number, wanted: number): { at: number; isAgain: boolean } {
  const at = Math.max(0, wanted);
  return { at, isAgain: at < from - AGAIN };
}
