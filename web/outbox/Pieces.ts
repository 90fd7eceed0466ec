/** Of what a browser may offer, the first that it can film in pieces of which every beginning can be read. */
const FILMS = ['video/webm;codecs=vp8', 'video/webm;codecs=vp9', 'video/webm'];
const FILMS_WITH_SOUND = ['video/webm;codecs=vp8,opus', 'video/webm;codecs=vp9,opus', 'video/webm'];

/** @throws where the browser cannot film in pieces */
export function filmType(hasSound: boolean): string {
  const found = (hasSound ? FILMS_WITH_SOUND : FILMS).find((each) => window.MediaRecorder?.isTypeSupported(each));
  if (!found) throw new Error('Nothing can be filmed here.');
  return found;
}

/** What a recorder gives, cut into pieces that the server takes, in their order. */
export class Pieces {
  sent = 0;
  private chain: Promise<void>;

  constructor(
    private readonly largest: number,
    private readonly hand: (number: number, bytes: Blob) => Promise<void>,
    before: Promise<void> = Promise.resolve(),
  ) {
    this.chain = before;
  }

  add(film: Blob): void {
    for (let at = 0; at < film.size; at += this.largest) {
      const number = this.sent++;
      const bytes = film.slice(at, at + this.largest);
      this.chain = this.chain.then(() => this.hand(number, bytes));
    }
  }

  settled(): Promise<void> {
    return this.chain;
  }
}
