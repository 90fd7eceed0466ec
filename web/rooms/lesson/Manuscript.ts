import type { LessonDocument } from '../../lesson.types';
import { ask, Problem, sentence } from '../../request';
import { changeFrom } from './change';

/** What the server answers to a save or a move; more than this is passed on as it is. */
interface Answer {
  version: number;
}

interface Moved extends Answer {
  document: LessonDocument;
}

/** Why a save was refused, and where in the document: a JSON Pointer (RFC 6901). */
export interface Refusal {
  sentence: string;
  pointer: string;
  /** What was sent: the pointer leads through it. */
  document: LessonDocument;
}

/** Told of everything that happens to the manuscript. */
export interface Listener<Saved extends Answer, Whole extends Moved> {
  onDocument: (document: LessonDocument) => void;
  onSaving: (isSaving: boolean) => void;
  onSaved: (answer: Saved) => void;
  /** Another revision has taken the place of this one. */
  onMoved: (answer: Whole) => void;
  onTrouble: (sentence: string | null) => void;
  /** The newest text cannot be saved as it is; null once it can. */
  onRefused: (refusal: Refusal | null) => void;
  /** Another window has saved in between: both versions are kept, and the teacher chooses. */
  onConflict: (theirs: LessonDocument) => void;
}

const SIGNED_OUT = 'You are signed out. Sign in again in another tab: what you changed is kept here and saved then.';

/** Milliseconds of quiet typing before a save, and before one that failed is tried again. */
const QUIET = 350;
const AGAIN = 4000;

/** Milliseconds of typing without a pause before a save. */
const LONGEST = 1500;

/** The lesson’s document as it is changed here, and its way to the server: one save at a time, and none forgotten. */
export class Manuscript<Saved extends Answer, Whole extends Moved> {
  private newest: LessonDocument;
  private saved: LessonDocument;
  private sending: LessonDocument | undefined;
  /** Refused as it stands: it is not sent again until it is changed. */
  private refused: LessonDocument | undefined;
  /** Documents that are to be revisions of their own: what was added, moved or deleted is undone by itself. */
  private milestones: LessonDocument[] = [];
  private version: number;
  private unsavedSince = 0;
  private running: Promise<void> | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly address: string,
    loaded: Moved,
    private readonly listener: Listener<Saved, Whole>,
  ) {
    this.newest = loaded.document;
    this.saved = loaded.document;
    this.version = loaded.version;
  }

  get isUnsaved(): boolean {
    return this.newest !== this.saved;
  }

  edit(change: (document: LessonDocument) => void): void {
    const next = structuredClone(this.newest);
    change(next);
    const isAnotherOutline = outline(next) !== outline(this.newest);
    if (isAnotherOutline) {
      const known = [this.saved, this.sending, this.refused, this.milestones.at(-1)];
      if (!known.includes(this.newest)) this.milestones.push(this.newest);
      this.milestones.push(next);
    }
    if (!this.isUnsaved) this.unsavedSince = Date.now();
    this.newest = next;
    this.listener.onDocument(next);
    this.listener.onSaving(true);
    // What was added is shown at once, and the picture follows long typing.
    this.saveIn(isAnotherOutline ? 0 : Math.min(QUIET, Math.max(0, this.unsavedSince + LONGEST - Date.now())));
  }

  /** Saves until nothing is unsaved, or something stands in the way. */
  save(): Promise<void> {
    clearTimeout(this.timer);
    this.running ??= this.saveAll().finally(() => {
      this.running = null;
    });
    return this.running;
  }

  async move(way: 'undo' | 'redo'): Promise<void> {
    await this.save();
    if (this.isUnsaved && this.newest === this.refused) {
      // What the server refused is one step too, and undo takes it back.
      if (way === 'undo') this.takeBackRefused();
      return;
    }
    if (this.isUnsaved) return;
    await this.replace('POST', `${this.address}/${way}`);
  }

  /** A version that was kept beside becomes the newest; the one that was is one undo away. */
  async takeUp(kept: string): Promise<void> {
    await this.save();
    if (!this.isUnsaved) await this.replace('POST', `${this.address}/kept/${kept}`);
  }

  /** Theirs is saved already; mine is saved on top of it, and taken back when it is not wanted now. */
  async settle(choice: 'mine' | 'theirs'): Promise<void> {
    await this.save();
    if (choice === 'theirs') await this.move('undo');
  }

  private async replace(method: string, address: string): Promise<void> {
    try {
      const moved = await ask<Whole>(method, address, { version: this.version });
      this.version = moved.version;
      // What was typed while the server answered stays, and is saved on top of what it went back to.
      if (this.isUnsaved) return void this.save();
      this.newest = moved.document;
      this.saved = moved.document;
      this.listener.onDocument(moved.document);
      this.listener.onMoved(moved);
      this.listener.onTrouble(null);
    } catch (error) {
      this.listener.onTrouble(sentence(error));
    }
  }

  private takeBackRefused(): void {
    this.newest = this.saved;
    this.accept();
    this.listener.onDocument(this.saved);
  }

  private saveIn(milliseconds: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.save(), milliseconds);
  }

  private async saveAll(): Promise<void> {
    if (this.isUnsaved) this.listener.onSaving(true);
    while (this.isUnsaved && this.newest !== this.refused && (await this.sendNext()));
    this.listener.onSaving(false);
  }

  /** @returns whether the next one may be sent */
  private async sendNext(): Promise<boolean> {
    const sent = this.milestones[0] ?? this.newest;
    this.sending = sent;
    try {
      const answer = await this.send(sent);
      this.version = answer.version;
      this.saved = sent;
      this.milestones = this.milestones.filter((each) => each !== sent);
      if (sent === this.newest) this.accept();
      this.listener.onTrouble(null);
      this.listener.onSaved(answer);
      return true;
    } catch (error) {
      return this.afterFailure(error, sent);
    } finally {
      this.sending = undefined;
    }
  }

  /** Only what was changed; all of it where another window has saved in between, so that both are kept. */
  private async send(document: LessonDocument): Promise<Saved> {
    try {
      return await ask<Saved>('PATCH', this.address, { version: this.version, ...changeFrom(this.saved, document) });
    } catch (error) {
      if (!(error instanceof Problem) || error.status !== 409) throw error;
      return ask<Saved>('PUT', this.address, { version: this.version, document });
    }
  }

  /** @returns whether the next one may be sent all the same */
  private afterFailure(error: unknown, sent: LessonDocument): boolean {
    const problem = error instanceof Problem ? error : null;
    if (problem?.status === 409) {
      this.version = Number(problem.more.version);
      this.milestones = [];
      this.listener.onConflict(problem.more.document as LessonDocument);
      return false;
    }
    if (problem && !problem.isPassing) {
      // Only that one is left out: what was changed since may be in order again.
      this.milestones = this.milestones.filter((each) => each !== sent);
      if (sent !== this.newest) return true;
      this.refused = sent;
      this.listener.onTrouble(null);
      this.listener.onRefused({
        sentence: problem.message,
        pointer: String(problem.more.pointer ?? ''),
        document: sent,
      });
      return false;
    }
    this.listener.onTrouble(problem?.status === 401 ? SIGNED_OUT : sentence(error));
    // A connection that is gone comes back: what was typed is still here and is sent again.
    if (problem?.isPassing) this.saveIn(AGAIN);
    return false;
  }

  private accept(): void {
    this.refused = undefined;
    this.listener.onRefused(null);
  }
}

/** What stands where, without what is written in it. */
function outline(document: LessonDocument): string {
  const slides = document.parts.map((part) =>
    part.slides.map((slide) => [slide.id, slide.steps.map((step) => step.id), slide.blocks.map((block) => block.id)]),
  );
  return JSON.stringify([document.aims.map((aim) => aim.id), slides]);
}
