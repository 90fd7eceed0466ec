import { RowStore } from '../../outbox/RowStore';
import { ask, Problem } from '../../request';

/** One thing that a student did in a lesson, as the server is to be told. */
export interface Done {
  /** In the order in which it was done. */
  key: string;
  /** Id of the student who did it. */
  student: string;
  share: string;
  kind: 'answer' | 'hand in' | 'aims' | 'place' | 'moment';
  method: 'PUT' | 'POST';
  address: string;
  body: object;
  /** What goes along with it, as form data. */
  file?: Blob;
}

/** What the server would not take, with its reason. */
export interface Refusal extends Done {
  reason: string;
}

/** Milliseconds before the server is tried again. */
const AGAIN = 4000;

/**
 * What was done without the server knowing, kept on this device until it knows: the page may be closed and the device restarted. The
 * server takes each of them once, however often it is told.
 */
export class Unsent {
  private readonly rows = new RowStore('daybright-unsent', { done: 'key', refused: 'key' });
  private readonly listeners = new Set<() => void>();
  private sending: Promise<boolean> | null = null;
  private last = 0;
  private isHeldUp = false;

  /** Told whenever there is more or less to be sent. */
  onChange(listener: () => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  /** What waits for a connection, once the server was out of reach; nothing while it is only on its way. */
  async heldUp(student: string): Promise<Done[]> {
    return this.isHeldUp ? this.of(student) : [];
  }

  async of(student: string): Promise<Done[]> {
    return (await this.rows.all<Done>('done')).filter((each) => each.student === student);
  }

  async refusals(student: string): Promise<Refusal[]> {
    return (await this.rows.all<Refusal>('refused')).filter((each) => each.student === student);
  }

  async forgetRefusal(key: string): Promise<void> {
    await this.rows.remove('refused', key);
    this.tell();
  }

  async add(done: Omit<Done, 'key'>): Promise<void> {
    // Where a student is now is all that matters of where they were.
    if (done.kind === 'place') {
      for (const before of await this.of(done.student))
        if (before.kind === 'place' && before.share === done.share) await this.rows.remove('done', before.key);
    }
    this.last = Math.max(Date.now(), this.last + 1);
    await this.rows.put('done', { ...done, key: String(this.last).padStart(16, '0') });
    this.tell();
  }

  /** Sends what this student did, in its order. @returns whether nothing is left */
  send(student: string): Promise<boolean> {
    this.sending ??= this.sendAll(student).finally(() => {
      this.sending = null;
    });
    return this.sending;
  }

  /** Tries again and again while a page is open. */
  sendOnAndOn(student: string): () => void {
    const send = () => void this.send(student);
    const timer = setInterval(send, AGAIN);
    window.addEventListener('online', send);
    send();
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', send);
    };
  }

  private async sendAll(student: string): Promise<boolean> {
    for (const done of await this.of(student)) {
      try {
        await ask(done.method, done.address, bodyOf(done), { 'X-Student': student });
      } catch (error) {
        if (!(error instanceof Problem) || error.isPassing) return this.heldUpNow();
        await this.rows.put('refused', { ...done, reason: error.message });
      }
      await this.rows.remove('done', done.key);
      this.tell();
    }
    this.isHeldUp = false;
    return (await this.of(student)).length === 0;
  }

  private heldUpNow(): false {
    if (!this.isHeldUp) {
      this.isHeldUp = true;
      this.tell();
    }
    return false;
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

/** A file travels as form data, everything else as JSON. */
export function bodyOf({ body, file }: Pick<Done, 'body' | 'file'>): object {
  if (!file) return body;
  const form = new FormData();
  for (const [name, value] of Object.entries(body))
    form.append(name, typeof value === 'boolean' ? String(Number(value)) : String(value));
  form.append('file', file, 'answer');
  return form;
}

export const unsent = new Unsent();
