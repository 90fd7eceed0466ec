/** From one moment up to and without another, in milliseconds of narration. */
export interface Interval {
  from: number;
  to: number;
}

/**
 * What there is at a moment: every interval that has begun and has not ended. Its twin on the server is
 * core/Recording/Playhead.php, and both are held to tests/playhead.json.
 */
export function playing<Found extends Interval>(intervals: readonly Found[], at: number): Found[] {
  const found: Found[] = [];
  for (const interval of intervals) {
    if (interval.from > at) break;
    if (at < interval.to) found.push(interval);
  }
  return found;
}
