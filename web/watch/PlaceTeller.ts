/** Milliseconds between two tellings while the lesson plays: all of a class does this at once. */
const EVERY = 15_000;

/** Milliseconds of narration between two moments that are no playing on. */
const JUMP = 2_000;

/** Milliseconds after a jump in which another may follow. */
const SETTLED = 500;

/** Tells the server how far a student has come: every while, when the lesson stops or goes on elsewhere, and on leaving. */
export class PlaceTeller {
  private told = -1;
  private isPlaying = false;
  private settling: ReturnType<typeof setTimeout> | undefined;

  /** @param place milliseconds of narration at which the student begins */
  constructor(
    private readonly tell: (place: number) => Promise<unknown>,
    private place: number,
  ) {}

  /** Returns what ends it. */
  readonly begin = (): (() => void) => {
    const timer = setInterval(this.send, EVERY);
    const leaving = () => document.visibilityState === 'hidden' && this.send();
    document.addEventListener('visibilitychange', leaving);
    return () => {
      clearInterval(timer);
      clearTimeout(this.settling);
      document.removeEventListener('visibilitychange', leaving);
      this.send();
    };
  };

  moved(place: number, isPlaying: boolean): void {
    const hasJumped = Math.abs(place - this.place) > JUMP;
    const hasStopped = this.isPlaying && !isPlaying;
    this.place = place;
    this.isPlaying = isPlaying;
    if (hasStopped) this.send();
    else if (hasJumped) {
      clearTimeout(this.settling);
      this.settling = setTimeout(this.send, SETTLED);
    }
  }

  private readonly send = (): void => {
    const place = Math.round(this.place);
    if (place === this.told) return;
    this.told = place;
    this.tell(place).catch(() => {
      this.told = -1;
    });
  };
}
