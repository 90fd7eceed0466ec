import { newPublicId } from '../../outbox/Outbox';
import { filmType, Pieces } from '../../outbox/Pieces';
import { filmOutbox } from './filmOutbox';

/** Milliseconds of film in a piece: what a sudden end can lose. */
const PIECE = 500;

/** Bytes of one piece that the server takes. */
const LARGEST = 1024 * 1024;

export type FilmSource = 'camera' | 'window';

/** Bits a second; a window has small print. */
const RATE = { camera: 900_000, window: 1_500_000 };

/** Records what the camera sees, or a window shows, while a take is recorded: a recorder of its own, kept as the sound is. */
export class FilmRecorder {
  readonly id = newPublicId();
  private readonly recorder: MediaRecorder;
  private readonly pieces: Pieces;
  private readonly stopped: Promise<void>;

  /** @throws where the browser cannot film in pieces */
  constructor(
    private readonly stream: MediaStream,
    private readonly take: string,
    readonly source: FilmSource,
  ) {
    this.recorder = new MediaRecorder(stream, { mimeType: filmType(false), videoBitsPerSecond: RATE[source] });
    this.pieces = new Pieces(LARGEST, (number, bytes) => filmOutbox.piece({ film: this.id, number, bytes }));
    this.recorder.ondataavailable = (event) => this.pieces.add(event.data);
    this.stopped = new Promise((resolve) => {
      this.recorder.onstop = () => resolve();
    });
  }

  /**
   * Measured: the zero of the film is the first picture after this, which a camera gives half a picture later on average.
   *
   * @returns milliseconds from now until then
   */
  start(): number {
    void filmOutbox.begin({ id: this.id, take: this.take, source: this.source, pieces: null });
    this.recorder.start(PIECE);
    const rate = this.source === 'camera' ? this.stream.getVideoTracks()[0]?.getSettings().frameRate : undefined;
    return rate ? 500 / rate : 0;
  }

  /** Whether it films this stream for this take. */
  isOf(stream: MediaStream, take: string): boolean {
    return this.stream === stream && this.take === take;
  }

  /** Hands over what there is so far, when the page is about to go. */
  flush(): void {
    if (this.recorder.state === 'recording') this.recorder.requestData();
  }

  async stop(): Promise<void> {
    if (this.recorder.state !== 'inactive') this.recorder.stop();
    await this.stopped;
    await this.pieces.settled();
    await filmOutbox.end(this.id, this.pieces.sent);
  }
}
