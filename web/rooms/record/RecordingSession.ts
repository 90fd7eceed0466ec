import type { Note } from '../../tracks/capture';
import { type Done, NOTHING_DONE } from '../../tracks/done';
import type { Recorder } from './Recorder';
import { type Action, after, IDLE, type RecordingState } from './recordingMachine';

/** The recording as it goes on: where it stands, and the recorder at work. */
export class RecordingSession {
  private current: RecordingState = IDLE;
  private recorder: Recorder | null = null;
  private listeners = new Set<() => void>();

  readonly read = (): RecordingState => this.current;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** The slide of the take that is being recorded. */
  get slide(): string | null {
    return this.recorder?.slide ?? null;
  }

  /** Milliseconds on the take's clock. */
  readonly now = (): number => this.recorder?.now() ?? performance.now();

  readonly note = (event: Note): void => this.recorder?.note(event);

  /** Returns whether anything came of it. */
  readonly act = (action: Action): boolean => {
    const { state, notes } = after(this.current, action);
    const changed = state !== this.current;
    this.current = state;
    for (const note of notes) this.recorder?.note(note);
    if (changed) for (const listener of this.listeners) listener();
    return changed;
  };

  begin(recorder: Recorder, step = 0, before: Done[] = NOTHING_DONE): void {
    this.recorder = recorder;
    recorder.start();
    this.act({ do: 'begin', take: recorder.id, step, before });
  }

  /** Returns the take that has ended. */
  async end(): Promise<string | null> {
    const ending = this.recorder;
    this.recorder = null;
    this.act({ do: 'end' });
    await ending?.stop();
    return ending?.id ?? null;
  }

  /** While paused the microphone is off, and the take runs on in silence. */
  pause(): void {
    const isPausing = this.current.phase === 'recording';
    if (this.act({ do: isPausing ? 'pause' : 'resume' })) this.recorder?.mute(isPausing);
  }

  /** Hands over what there is so far, when the page is about to go. */
  flush(): void {
    this.recorder?.flush();
  }
}
