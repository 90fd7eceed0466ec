import { beginClip, clipOutbox } from './outbox';

/** Of what a browser may offer, the first that it can film in pieces of which every beginning can be read. */
const TYPES = ['video/webm;codecs=vp8,opus', 'video/webm;codecs=vp9,opus', 'video/webm'];

/** Milliseconds of film in a piece: what a sudden end can lose. */
const PIECE = 1000;

/** Bytes of one piece that the server takes. */
const LARGEST = 512 * 1024;

/** One clip that is being filmed: every second of it is kept in the browser and sent at once. */
export class Filming {
  private readonly recorder: MediaRecorder;
  private readonly stopped: Promise<void>;
  private chain: Promise<void> = Promise.resolve();
  private sent = 0;
  private startedAt = 0;

  /** @throws where the browser cannot film in pieces */
  constructor(
    readonly id: string,
    stream: MediaStream,
  ) {
    const mimeType = TYPES.find((each) => window.MediaRecorder?.isTypeSupported(each));
    if (!mimeType) throw new Error('Nothing can be filmed here.');
    this.recorder = new MediaRecorder(stream, { mimeType, videoBitsPerSecond: 2_500_000 });
    this.recorder.ondataavailable = (event) => this.hand(event.data);
    this.stopped = new Promise((resolve) => {
      this.recorder.onstop = () => resolve();
    });
  }

  get seconds(): number {
    return this.startedAt === 0 ? 0 : (performance.now() - this.startedAt) / 1000;
  }

  start(): void {
    this.chain = beginClip(this.id, 'Filmed here', 0);
    this.startedAt = performance.now();
    this.recorder.start(PIECE);
  }

  /** Hands over what there is so far, when the page is about to go. */
  flush(): void {
    if (this.recorder.state === 'recording') this.recorder.requestData();
  }

  async stop(): Promise<void> {
    if (this.recorder.state !== 'inactive') this.recorder.stop();
    await this.stopped;
    await this.chain;
    await clipOutbox.end(this.id, this.sent);
  }

  private hand(film: Blob): void {
    for (let at = 0; at < film.size; at += LARGEST) {
      const number = this.sent++;
      const bytes = film.slice(at, at + LARGEST);
      this.chain = this.chain.then(() => clipOutbox.piece({ clip: this.id, number, bytes }));
    }
  }
}
