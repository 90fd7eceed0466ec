import { ask, Problem, send } from '../request';
import { RowStore } from './RowStore';

/** What is sent in pieces, as far as this browser knows it; the number of pieces is known when it has ended. */
export interface Outgoing {
  id: string;
  pieces: number | null;
}

/** How one kind of thing is kept and sent. */
export interface Delivery<Owner extends Outgoing, Piece extends { number: number }> {
  /** Name of its database in this browser, its table there, and the field of a piece that names what it belongs to. */
  database: string;
  table: string;
  of: keyof Piece & string;
  /** What it is called inside a sentence. */
  called: string;
  announce: (owner: Owner) => Promise<unknown>;
  /** The address of the thing itself; its pieces and its end stand below. */
  address: (owner: Owner) => string;
  bytes: (piece: Piece) => Blob;
  /** What is sent beside the hash of the bytes. */
  form: (piece: Piece, bytes: ArrayBuffer) => Record<string, string | File>;
}

/** How often something was refused one time after the other, and what the server said. */
interface Refusal {
  times: number;
  sentence: string;
}

/** How many pieces are on their way, without those that are set aside, and what stands in the way. */
export interface Sending {
  pieces: number;
  trouble: string | null;
}

/** Milliseconds before a failed sending is tried again. */
const AGAIN = 1500;

/** How often the server may refuse a piece before what it belongs to is set aside: one may be damaged on its way. */
const REFUSALS = 3;

const NOT_LASTING = ' Keep this page open until then: this browser stores nothing.';

/**
 * Sends things piece by piece and keeps each one in the browser until it is acknowledged,
 * so that a dropped connection, a closed tab or a stopped server loses nothing that was handed over.
 */
export class Outbox<Owner extends Outgoing, Piece extends { number: number }> {
  private readonly rows: RowStore;
  private isSending = false;
  private hasMore = false;
  private readonly forgotten = new Set<string>();
  private readonly refusals = new Map<string, Refusal>();
  /** What was refused in this look around: it is tried again in the next one. */
  private readonly passed = new Set<string>();
  private trouble: string | null = null;
  private readonly listeners = new Set<(sending: Sending) => void>();
  private readonly finished = new Set<(id: string) => void>();

  constructor(private readonly delivery: Delivery<Owner, Piece>) {
    this.rows = new RowStore(delivery.database, { pieces: [delivery.of, 'number'], [delivery.table]: 'id' });
  }

  /** Tells at once how much there is, and then whenever it changes: until a first piece has arrived may take long. */
  onChange(listener: (sending: Sending) => void): () => void {
    this.listeners.add(listener);
    void this.report(this.trouble);
    return () => this.listeners.delete(listener);
  }

  onFinished(listener: (id: string) => void): () => void {
    this.finished.add(listener);
    return () => this.finished.delete(listener);
  }

  async begin(owner: Owner): Promise<void> {
    await this.rows.put(this.delivery.table, owner);
    void this.work();
  }

  /** Makes something known to the server before what belongs to it is sent; twice does no harm. */
  async announce(id: string): Promise<void> {
    const owner = await this.rows.get<Owner>(this.delivery.table, id);
    if (owner) await this.delivery.announce(owner);
  }

  async piece(piece: Piece): Promise<void> {
    await this.rows.put('pieces', piece);
    await this.report(this.trouble);
    void this.work();
  }

  async end(id: string, pieces: number): Promise<void> {
    const known = await this.rows.get<Owner>(this.delivery.table, id);
    if (known) await this.rows.put(this.delivery.table, { ...known, pieces });
    void this.work();
  }

  /** Forgets what was thrown away, or finished from elsewhere. */
  async forget(id: string): Promise<void> {
    this.forgotten.add(id);
    // What is on its way arrives first, so that nothing comes after it is gone.
    while (this.isSending) await new Promise((resolve) => setTimeout(resolve, 30));
    for (const key of await this.rows.keys<[string, number]>('pieces'))
      if (key[0] === id) await this.rows.remove('pieces', key);
    await this.rows.remove(this.delivery.table, id);
  }

  /** Forgets all that belong to something that is gone. */
  async forgetAll(isGone: (owner: Owner) => boolean): Promise<void> {
    for (const owner of (await this.rows.all<Owner>(this.delivery.table)).filter(isGone)) await this.forget(owner.id);
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
        this.passed.clear();
        while (await this.sendNext()) await this.report(null);
        await this.report(this.refusal());
      }
      if ([...this.passed].some((id) => !this.isRefused(id))) setTimeout(() => void this.work(), AGAIN);
    } catch (error) {
      await this.report(this.obstacle(error));
      setTimeout(() => void this.work(), AGAIN);
    } finally {
      this.isSending = false;
    }
  }

  /** @returns whether there was something to send */
  private async sendNext(): Promise<boolean> {
    const owners = await this.rows.all<Owner>(this.delivery.table);
    // Only the keys are looked through: the sound of an hour is much to read for every second of it.
    for (const key of await this.rows.keys<[string, number]>('pieces')) {
      const owner = owners.find((each) => each.id === key[0]);
      const piece = owner && !this.forgotten.has(owner.id) ? await this.rows.get<Piece>('pieces', key) : undefined;
      if (!owner || !piece) await this.rows.remove('pieces', key);
      else if (!this.passed.has(owner.id) && !this.isRefused(owner.id)) {
        await this.unlessRefused(owner.id, async () => {
          await this.sendPiece(owner, piece);
          await this.rows.remove('pieces', key);
        });
        return true;
      }
    }
    const ended = owners.find(
      (each) =>
        each.pieces !== null && !this.forgotten.has(each.id) && !this.passed.has(each.id) && !this.isRefused(each.id),
    );
    if (!ended) return false;
    await this.unlessRefused(ended.id, () => this.finish(ended));
    return true;
  }

  private isRefused(id: string): boolean {
    return (this.refusals.get(id)?.times ?? 0) >= REFUSALS;
  }

  /** What is said of something that is not tried any more. */
  private refusal(): string | null {
    return [...this.refusals.values()].find((each) => each.times >= REFUSALS)?.sentence ?? null;
  }

  /** What the server refuses again and again is set aside until the page is loaded anew; others go on. */
  private async unlessRefused(id: string, work: () => Promise<void>): Promise<void> {
    try {
      await work();
      this.refusals.delete(id);
    } catch (error) {
      if (!(error instanceof Problem) || ![404, 413, 422].includes(error.status)) throw error;
      this.passed.add(id);
      this.refusals.set(id, {
        times: (this.refusals.get(id)?.times ?? 0) + 1,
        sentence: `A ${this.delivery.called} was not taken: ${error.message} It stays in this browser.`,
      });
    }
  }

  private obstacle(error: unknown): string {
    const { called } = this.delivery;
    const isSignedOut = error instanceof Problem && error.status === 401;
    const sentence = isSignedOut
      ? `You are signed out. Sign in again in another tab: the ${called} is kept in this browser and sent then.`
      : `The ${called} cannot reach the server. It is kept in this browser and sent as soon as the server answers.`;
    return sentence + (this.rows.isLasting ? '' : NOT_LASTING);
  }

  private async sendPiece(owner: Owner, piece: Piece): Promise<void> {
    const bytes = await this.delivery.bytes(piece).arrayBuffer();
    const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
    const form = new FormData();
    form.append('sha256', Array.from(hash, (byte) => byte.toString(16).padStart(2, '0')).join(''));
    for (const [name, value] of Object.entries(this.delivery.form(piece, bytes))) form.append(name, value);
    if (piece.number === 0) await this.delivery.announce(owner);
    const address = `${this.delivery.address(owner)}/pieces/${piece.number}`;
    try {
      await this.sendAsPut(address, form);
    } catch (error) {
      // The server does not know it: this is the first word of it.
      if (!(error instanceof Problem) || error.status !== 404) throw error;
      await this.delivery.announce(owner);
      await this.sendAsPut(address, form);
    }
  }

  /** PHP reads form data only from POST: the method is named in the form. */
  private async sendAsPut(address: string, form: FormData): Promise<void> {
    form.set('_method', 'PUT');
    await send('POST', address, form);
  }

  private async finish(owner: Owner): Promise<void> {
    await ask('POST', `${this.delivery.address(owner)}/finish`, { pieces: owner.pieces });
    await this.rows.remove(this.delivery.table, owner.id);
    for (const listener of this.finished) listener(owner.id);
  }

  private async report(trouble: string | null): Promise<void> {
    this.trouble = trouble;
    const keys = await this.rows.keys<[string, number]>('pieces');
    const pieces = keys.filter(([id]) => !this.isRefused(id)).length;
    for (const listener of this.listeners) listener({ pieces, trouble });
  }
}

/** An id that no other has, chosen here so that asking twice begins one thing. */
export function newPublicId(): string {
  const letters = 'abcdefghijklmnopqrstuvwxyz0123456789';
  return Array.from(crypto.getRandomValues(new Uint8Array(22)), (byte) => letters[byte % letters.length]).join('');
}
