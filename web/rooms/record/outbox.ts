import type { TakeEvent } from '../../events.types';
import { ask, Problem, send } from '../../request';
import { RowStore } from './RowStore';

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

/** How far the sending is, and what stands in its way. */
export interface Sending {
  pieces: number;
  trouble: string | null;
}

/** Milliseconds before a failed sending is tried again. */
const AGAIN = 1500;

/** How often the server may refuse a piece before its take is set aside: one may be damaged on its way. */
const REFUSALS = 3;

const OUT_OF_REACH =
  'The recording cannot reach the server. It is kept in this browser and sent as soon as the server answers.';
const SIGNED_OUT =
  'You are signed out. Sign in again in another tab: the recording is kept in this browser and sent then.';
const NOT_LASTING = ' Keep this page open until then: this browser stores nothing.';

/**
 * Sends recordings piece by piece and keeps each one in the browser until it is acknowledged,
 * so that a dropped connection, a closed tab or a stopped server loses nothing that was handed over.
 */
export class Outbox {
  private readonly rows = new RowStore('daybright-outbox', { pieces: ['take', 'number'], takes: 'id' });
  private isSending = false;
  private hasMore = false;
  private readonly forgotten = new Set<string>();
  private readonly refusals = new Map<string, number>();
  private refusal: string | null = null;
  private readonly listeners = new Set<(sending: Sending) => void>();
  private readonly finished = new Set<(take: string) => void>();

  onChange(listener: (sending: Sending) => void): () => void {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  }

  onFinished(listener: (take: string) => void): () => void {
    this.finished.add(listener);
    return () => this.finished.delete(listener);
  }

  async begin(take: OutgoingTake): Promise<void> {
    await this.rows.put('takes', take);
    void this.work();
  }

  async piece(piece: Piece): Promise<void> {
    await this.rows.put('pieces', piece);
    void this.work();
  }

  async end(take: string, pieces: number): Promise<void> {
    const known = await this.rows.get<OutgoingTake>('takes', take);
    if (known) await this.rows.put('takes', { ...known, pieces });
    void this.work();
  }

  /** Forgets a take that was thrown away, or finished from elsewhere. */
  async forget(take: string): Promise<void> {
    this.forgotten.add(take);
    // What is on its way arrives first, so that nothing comes after the take is gone.
    while (this.isSending) await new Promise((resolve) => setTimeout(resolve, 30));
    for (const key of await this.rows.keys<[string, number]>('pieces'))
      if (key[0] === take) await this.rows.remove('pieces', key);
    await this.rows.remove('takes', take);
  }

  /** Sends what is there; what cannot be sent now is tried again. */
  async work(): Promise<void> {
    // What is put in while the last look around is being taken must not be left lying.
    this.hasMore = true;
    if (this.isSending) return;
    this.isSending = true;
    try {
      while (this.hasMore) {
        this.hasMore = false;
        while (await this.sendNext()) await this.report(null);
        await this.report(this.refusal);
      }
    } catch (error) {
      await this.report(this.obstacle(error));
      setTimeout(() => void this.work(), AGAIN);
    } finally {
      this.isSending = false;
    }
  }

  /** @returns whether there was something to send */
  private async sendNext(): Promise<boolean> {
    const takes = await this.rows.all<OutgoingTake>('takes');
    // Only the keys are looked through: the sound of an hour is much to read for every second of it.
    for (const key of await this.rows.keys<[string, number]>('pieces')) {
      const take = takes.find((each) => each.id === key[0]);
      const piece = take && !this.forgotten.has(take.id) ? await this.rows.get<Piece>('pieces', key) : undefined;
      if (!take || !piece) await this.rows.remove('pieces', key);
      else if (!this.isRefused(take.id)) {
        await this.unlessRefused(take.id, async () => {
          await this.sendPiece(take, piece);
          await this.rows.remove('pieces', key);
        });
        return true;
      }
    }
    const ended = takes.find(
      (each) => each.pieces !== null && !this.forgotten.has(each.id) && !this.isRefused(each.id),
    );
    if (!ended) return false;
    await this.unlessRefused(ended.id, () => this.finish(ended));
    return true;
  }

  private isRefused(take: string): boolean {
    return (this.refusals.get(take) ?? 0) >= REFUSALS;
  }

  /** A take that the server refuses again and again is set aside until the page is loaded anew; others go on. */
  private async unlessRefused(take: string, work: () => Promise<void>): Promise<void> {
    try {
      await work();
      this.refusals.delete(take);
    } catch (error) {
      if (!(error instanceof Problem) || ![404, 413, 422].includes(error.status)) throw error;
      this.refusals.set(take, (this.refusals.get(take) ?? 0) + 1);
      this.refusal = `A recording was not taken: ${error.message} It stays in this browser.`;
    }
  }

  private obstacle(error: unknown): string {
    const isSignedOut = error instanceof Problem && error.status === 401;
    return (isSignedOut ? SIGNED_OUT : OUT_OF_REACH) + (this.rows.isLasting ? '' : NOT_LASTING);
  }

  private async sendPiece(take: OutgoingTake, piece: Piece): Promise<void> {
    const bytes = await piece.sound.arrayBuffer();
    const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
    const form = new FormData();
    form.append('sound', new File([bytes], 'piece.webm', { type: 'audio/webm' }));
    form.append('sha256', Array.from(hash, (byte) => byte.toString(16).padStart(2, '0')).join(''));
    form.append('events', JSON.stringify(piece.events));
    if (piece.number === 0) await this.announce(take);
    try {
      await this.sendAsPut(`/api/takes/${take.id}/pieces/${piece.number}`, form);
    } catch (error) {
      // The server does not know the take: this is the first word of it.
      if (!(error instanceof Problem) || error.status !== 404) throw error;
      await this.announce(take);
      await this.sendAsPut(`/api/takes/${take.id}/pieces/${piece.number}`, form);
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
    await ask('POST', `/api/takes/${take.id}/finish`, { pieces: take.pieces });
    await this.rows.remove('takes', take.id);
    for (const listener of this.finished) listener(take.id);
  }

  private async report(trouble: string | null): Promise<void> {
    const pieces = (await this.rows.keys('pieces')).length;
    for (const listener of this.listeners) listener({ pieces, trouble });
  }
}

/** One for all rooms: what an earlier visit left behind is sent as soon as a teacher signs in. */
export const outbox = new Outbox();
