import type { TakeEvent } from '../../events.types';
import { ask, Problem, send } from '../../request';

/** One numbered chunk of a take, kept in the browser until the server has it. */
interface Piece {
  take: string;
  number: number;
  sound: Blob;
  events: TakeEvent[];
}

/** A take as far as this browser knows it; the number of pieces is known when it has ended. */
interface OutgoingTake {
  id: string;
  lesson: string;
  slide: string;
  source: 'microphone' | 'practice';
  pieces: number | null;
}

const AGAIN = 1500;

/**
 * Sends recordings piece by piece and keeps each one in IndexedDB until it is acknowledged,
 * so that a dropped connection, a closed tab or a stopped server loses nothing that was handed over.
 */
export class Outbox {
  private database: Promise<IDBDatabase>;
  private isSending = false;
  private forgotten = new Set<string>();
  private listeners = new Set<(waiting: number, trouble: string | null) => void>();
  private finished = new Set<(take: string) => void>();

  constructor() {
    this.database = new Promise((resolve, reject) => {
      const opening = indexedDB.open('daybright-outbox', 1);
      opening.onupgradeneeded = () => {
        opening.result.createObjectStore('pieces', { keyPath: ['take', 'number'] });
        opening.result.createObjectStore('takes', { keyPath: 'id' });
      };
      opening.onsuccess = () => resolve(opening.result);
      opening.onerror = () => reject(opening.error);
    });
  }

  onChange(listener: (waiting: number, trouble: string | null) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  onFinished(listener: (take: string) => void): () => void {
    this.finished.add(listener);
    return () => this.finished.delete(listener);
  }

  async begin(take: OutgoingTake): Promise<void> {
    await this.put('takes', take);
    void this.work();
  }

  async piece(piece: Piece): Promise<void> {
    await this.put('pieces', piece);
    void this.work();
  }

  async end(take: string, pieces: number): Promise<void> {
    const known = await this.get<OutgoingTake>('takes', take);
    if (known) await this.put('takes', { ...known, pieces });
    void this.work();
  }

  /** Forgets a take that was thrown away. */
  async forget(take: string): Promise<void> {
    this.forgotten.add(take);
    // What is on its way arrives first, so that nothing comes after the take is gone.
    while (this.isSending) await new Promise((resolve) => setTimeout(resolve, 30));
    for (const piece of await this.all<Piece>('pieces'))
      if (piece.take === take) await this.remove('pieces', [take, piece.number]);
    await this.remove('takes', take);
  }

  /** Sends what is there, oldest first; what cannot be sent is tried again. */
  async work(): Promise<void> {
    if (this.isSending) return;
    this.isSending = true;
    try {
      for (;;) {
        const takes = await this.all<OutgoingTake>('takes');
        const pieces = await this.all<Piece>('pieces');
        const next = pieces[0];
        if (next) {
          const take = takes.find((each) => each.id === next.take);
          if (take && !this.forgotten.has(take.id)) await this.sendPiece(take, next);
          await this.remove('pieces', [next.take, next.number]);
        } else {
          const ended = takes.find((each) => each.pieces !== null && !this.forgotten.has(each.id));
          if (!ended) break;
          await this.finish(ended);
        }
        this.tell((await this.all<Piece>('pieces')).length, null);
      }
      this.tell(0, null);
    } catch (error) {
      const waiting = (await this.all<Piece>('pieces')).length;
      this.tell(
        waiting,
        'The recording cannot reach the server. It is kept in this browser and sent as soon as the server answers.',
      );
      setTimeout(() => void this.work(), AGAIN);
      if (!(error instanceof Problem)) console.error(error);
    } finally {
      this.isSending = false;
    }
  }

  private async sendPiece(take: OutgoingTake, piece: Piece): Promise<void> {
    const bytes = await piece.sound.arrayBuffer();
    const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
    const form = new FormData();
    form.append('sound', new File([bytes], 'piece.webm', { type: 'audio/webm' }));
    form.append('sha256', Array.from(hash, (byte) => byte.toString(16).padStart(2, '0')).join(''));
    form.append('events', JSON.stringify(piece.events));
    try {
      if (piece.number === 0) await this.announce(take);
      await this.sendAsPut(`/api/takes/${take.id}/pieces/${piece.number}`, form);
    } catch (error) {
      // The server does not know the take: it was thrown away, or this is the first word of it.
      if (error instanceof Problem && error.status === 404) {
        await this.announce(take);
        await this.sendAsPut(`/api/takes/${take.id}/pieces/${piece.number}`, form);
      } else throw error;
    }
  }

  private announce(take: OutgoingTake): Promise<unknown> {
    return ask('PUT', `/api/lessons/${take.lesson}/takes/${take.id}`, { slide: take.slide, source: take.source });
  }

  /** PHP reads form data only from POST: the method is named in the form. */
  private async sendAsPut(address: string, form: FormData): Promise<void> {
    form.set('_method', 'PUT');
    await send('POST', address, form);
  }

  private async finish(take: OutgoingTake): Promise<void> {
    try {
      await ask('POST', `/api/takes/${take.id}/finish`, { pieces: take.pieces });
    } catch (error) {
      if (!(error instanceof Problem) || (error.status !== 404 && error.status !== 422)) throw error;
    }
    await this.remove('takes', take.id);
    for (const listener of this.finished) listener(take.id);
  }

  private tell(waiting: number, trouble: string | null): void {
    for (const listener of this.listeners) listener(waiting, trouble);
  }

  private async request<Result>(
    store: string,
    mode: IDBTransactionMode,
    work: (store: IDBObjectStore) => IDBRequest<Result>,
  ): Promise<Result> {
    const database = await this.database;
    return new Promise((resolve, reject) => {
      const asked = work(database.transaction(store, mode, { durability: 'strict' }).objectStore(store));
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
  }

  private put(store: string, value: unknown) {
    return this.request(store, 'readwrite', (each) => each.put(value));
  }

  private get<Value>(store: string, key: IDBValidKey): Promise<Value | undefined> {
    return this.request(store, 'readonly', (each) => each.get(key));
  }

  private all<Value>(store: string): Promise<Value[]> {
    return this.request(store, 'readonly', (each) => each.getAll());
  }

  private remove(store: string, key: IDBValidKey) {
    return this.request(store, 'readwrite', (each) => each.delete(key));
  }
}
