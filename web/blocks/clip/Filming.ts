import { filmType, Pieces } from '../../outbox/Pieces';
import { beginClip, clipOutbox } from './outbox';

/** Milliseconds of film in a piece: what a sudden end can lose. */
const PIECE = 1000;

/** Bytes of one piece that the server takes. */
const LARGEST = 512 * 1024;

/** One clip that is being filmed: every second of it is kept in the browser and sent at once. */
export class Filming {
  private readonly recorder: MediaRecorder;
  private readonly stopped: Promise<void>;
  private readonly pieces: Pieces;
  private begun = () => {};
  private startedAt = 0;

  /** @throws where the browser cannot film in pieces */
  constructor(
    readonly id: string,
    stream: MediaStream,
  ) {
    this.recorder = new MediaRecorder(stream, { mimeType: filmType(true), videoBitsPerSecond: 2_500_000 });
    const isBegun = new Promise<void>((resolve) => {
      this.begun = resolve;
    });
    this.pieces = new Pieces(LARGEST, (number, bytes) => clipOutbox.piece({ clip: id, number, bytes }), isBegun);
    this.recorder.ondataavailable = (event) => this.pieces.add(event.data);
    this.stopped = new Promise((resolve) => {
      this.recorder.onstop = () => resolve();
    });
  }

  get seconds(): number {
    return this.startedAt === 0 ? 0 : (performance.now() - this.startedAt) / 1000;
  }

  start(): void {
    void beginClip(this.id, 'Filmed here', 0).then(this.begun);
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
    await this.pieces.settled();
    await clipOutbox.end(this.id, this.pieces.sent);
  }
}
