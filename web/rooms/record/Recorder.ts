import type { TakeEvent } from '../../events.types';
import { newPublicId } from '../../outbox/Outbox';
import type { Note } from '../../tracks/capture';
import { shown } from '../../tracks/steps/note';
import { RECORDED_TYPE } from './microphone';
import type { TakeOutbox } from './outbox';

/** Milliseconds of sound in a piece: what a sudden end can lose. */
const PIECE = 500;

/** Another take of the slide that is gone on from, as far as a sample of it. */
export interface Continued {
  take: string;
  at: number;
  /** From here on it is kept again, where only a stretch of it is said anew. */
  until?: number;
}

/** Records one take: sound in short pieces, and what the teacher does, timed on the sound's own clock. */
export class Recorder {
  readonly id = newPublicId();
  private recorder: MediaRecorder;
  private startedAt = 0;
  private pending: TakeEvent[] = [];
  private sent = 0;
  private chain: Promise<void> = Promise.resolve();
  private readonly stopped: Promise<void>;

  constructor(
    private readonly outbox: TakeOutbox,
    private readonly stream: MediaStream,
    private readonly lesson: string,
    readonly slide: string,
    private readonly source: 'microphone' | 'practice',
    private readonly continues?: Continued,
  ) {
    this.recorder = new MediaRecorder(stream, { mimeType: RECORDED_TYPE, audioBitsPerSecond: 64000 });
    this.recorder.ondataavailable = (event) => this.hand(event.data);
    // It also stops by itself, when the microphone is taken away.
    this.stopped = new Promise((resolve) => {
      this.recorder.onstop = () => resolve();
    });
  }

  start(): void {
    void this.outbox.begin({
      id: this.id,
      lesson: this.lesson,
      slide: this.slide,
      source: this.source,
      pieces: null,
      continues: this.continues,
    });
    // Measured: the sound's zero lies within a few milliseconds of this reading; the start event comes far later.
    this.startedAt = performance.now();
    this.recorder.start(PIECE);
    this.note(shown(this.slide));
  }

  /** Milliseconds on the take's clock. */
  now(): number {
    return Math.max(0, performance.now() - this.startedAt);
  }

  note(event: Note): void {
    this.pending.push({ ...event, at: Math.round((event.at ?? this.now()) * 10) / 10 } as TakeEvent);
  }

  /** Hands over what there is so far, when the page is about to go. */
  flush(): void {
    if (this.recorder.state === 'recording') this.recorder.requestData();
  }

  mute(isMute: boolean): void {
    for (const track of this.stream.getAudioTracks()) track.enabled = !isMute;
  }

  get isRecording(): boolean {
    return this.recorder.state !== 'inactive';
  }

  async stop(): Promise<void> {
    if (this.recorder.state !== 'inactive') this.recorder.stop();
    await this.stopped;
    for (const track of this.stream.getAudioTracks()) track.enabled = true;
    await this.chain;
    await this.outbox.end(this.id, this.sent);
  }

  private hand(sound: Blob): void {
    const events = this.pending;
    if (sound.size === 0 && events.length === 0) return;
    this.pending = [];
    const number = this.sent++;
    this.chain = this.chain.then(() => this.outbox.piece({ take: this.id, number, sound, events }));
  }
}
