import type { GivenAnswer, KeptLesson, StudentShelf, VisitState, WatchedLesson } from '../../answers.types';
import { bytes } from '../../clock';
import { RowStore } from '../../outbox/RowStore';
import { ask, send, untilAnswered } from '../../request';
import { OPENED } from './opened';
import { registered } from './register';
import { keyOf, opened, openedJson, openedReference } from './sealed';

/** A lesson on this device. */
export interface Kept extends Omit<KeptLesson, 'key' | 'files'> {
  share: string;
  /** Id of the student who keeps it. */
  student: string;
  key: CryptoKey;
  bytes: number;
  /** What was done in it, as far as this device knows. */
  visit: VisitState;
}

interface KeptFile {
  share: string;
  number: number;
  stage: number;
  reference: string;
  sealed: Blob;
}

interface Shelf {
  student: string;
  /** Milliseconds since 1970. */
  seen: number;
  shelf: StudentShelf;
}

/** What lies in a stage. */
interface Stage {
  lesson: WatchedLesson;
  models: Record<string, string>;
}

const NO_ROOM = 'There is not enough room on this device for this lesson. Take another one off it first.';

/** So much more room than a lesson needs is wanted: browsers round, and opening needs some. */
const ROOM = 1.5;

/** The lessons that a student keeps on this device, each stage sealed until it is earned. */
export class KeptLessons {
  private readonly rows = new RowStore('daybright-kept', {
    lessons: 'share',
    files: ['share', 'number'],
    shelves: 'student',
  });

  /** Whether this browser can keep a lesson: not where a page came over an open connection, nor in some private windows. */
  get canKeep(): boolean {
    return window.isSecureContext && 'serviceWorker' in navigator && 'indexedDB' in window && 'caches' in window;
  }

  async of(student: string): Promise<Kept[]> {
    return (await this.rows.all<Kept>('lessons')).filter((each) => each.student === student);
  }

  async get(share: string, student: string): Promise<Kept | undefined> {
    const kept = await this.rows.get<Kept>('lessons', share);
    return kept?.student === student ? kept : undefined;
  }

  /**
   * @param onProgress told the share of its bytes that has come
   * @throws with a sentence that says what to do
   */
  async keep(
    share: string,
    shelf: StudentShelf,
    onProgress: (come: number) => void,
    signal: AbortSignal,
  ): Promise<void> {
    const told = await ask<KeptLesson>('GET', `/api/watch/${share}/kept?sound=${playableSound()}`);
    const total = told.files.reduce((sum, file) => sum + file.bytes, JSON.stringify(told.stages).length);
    await this.makeSureOfRoom(total);
    await registered(signal);
    await this.remove(share);
    try {
      let come = 0;
      for (const [number, { stage, reference, bytes: size }] of told.files.entries()) {
        const address = `/api/watch/${share}/kept/files/${reference}`;
        const sealed = await untilAnswered(
          async () => (await send('GET', address, undefined, signal)).blob(),
          () => undefined,
          signal,
        );
        signal.throwIfAborted();
        await this.rows.put('files', { share, number, stage, reference, sealed } satisfies KeptFile);
        come += size;
        onProgress(come / total);
      }
      const { files, key, ...rest } = told;
      const kept = { ...rest, share, student: shelf.student, key: await keyOf(key), bytes: total };
      const first = await this.stage({ ...kept, visit: NOTHING_DONE }, 0);
      await this.rows.put('lessons', { ...kept, visit: first.lesson.visit } satisfies Kept);
      if (!this.rows.isLasting) throw new Error(NO_ROOM);
      await this.rememberShelf(shelf);
      await this.lesson({ ...kept, visit: first.lesson.visit });
    } catch (error) {
      await this.remove(share);
      throw error instanceof DOMException && error.name === 'QuotaExceededError' ? new Error(NO_ROOM) : error;
    }
  }

  async remove(share: string): Promise<void> {
    await this.rows.remove('lessons', share);
    for (const key of await this.rows.keys<[string, number]>('files'))
      if (key[0] === share) await this.rows.remove('files', key);
    const cache = await caches.open(OPENED);
    for (const request of await cache.keys())
      if (new URL(request.url).pathname.startsWith(`/api/watch/${share}/`)) await cache.delete(request);
  }

  /** On a borrowed phone nobody finds what another one kept. */
  async removeAll(): Promise<void> {
    for (const kept of await this.rows.all<Kept>('lessons')) await this.remove(kept.share);
    for (const key of await this.rows.keys<string>('shelves')) await this.rows.remove('shelves', key);
    if ('caches' in window) await caches.delete(OPENED);
  }

  /** The lesson as far as what was done here earns it; its pictures and sounds are at their addresses then. */
  async lesson(kept: Kept): Promise<WatchedLesson> {
    const number = earned(kept);
    for (const key of await this.rows.keys<[string, number]>('files')) {
      const file = key[0] === kept.share ? await this.rows.get<KeptFile>('files', key) : undefined;
      if (file && file.stage <= number) await this.openFile(kept, file);
    }
    return { ...(await this.stage(kept, number)).lesson, visit: kept.visit };
  }

  /** What was done here, kept with the lesson. */
  async done(kept: Kept, change: Partial<VisitState>): Promise<Kept> {
    const changed = { ...kept, visit: { ...kept.visit, ...change } };
    await this.rows.put('lessons', changed);
    return changed;
  }

  /** An answer that nobody has marked yet, with the model answer if that may be seen. */
  async answered(kept: Kept, block: string, answer: GivenAnswer): Promise<GivenAnswer> {
    const now = await this.done(kept, { answers: { ...kept.visit.answers, [block]: answer } });
    const model = (await this.stage(now, earned(now))).models[block];
    if (model === undefined) return answer;
    const withModel = { ...answer, model };
    await this.done(now, { answers: { ...now.visit.answers, [block]: withModel } });
    return withModel;
  }

  async rememberShelf(shelf: StudentShelf): Promise<void> {
    if ((await this.of(shelf.student)).length === 0) return;
    await this.rows.put('shelves', { student: shelf.student, seen: Date.now(), shelf } satisfies Shelf);
  }

  /** The shelf of the student who was here last, if a lesson is kept. */
  async lastShelf(): Promise<StudentShelf | undefined> {
    const shelves = await this.rows.all<Shelf>('shelves');
    return shelves.sort((one, other) => other.seen - one.seen)[0]?.shelf;
  }

  private stage(kept: Kept, number: number): Promise<Stage> {
    return openedJson<Stage>(kept.key, kept.stages[number]?.sealed ?? '', kept.piece);
  }

  /** What is opened lies in the cache of the page’s worker, at the address under which the page asks for it. */
  private async openFile(kept: Kept, file: KeptFile): Promise<void> {
    const { address, type } = await openedReference<{ address: string; type: string }>(
      kept.key,
      file.reference,
      kept.piece,
    );
    const content = await opened(kept.key, file.sealed, kept.piece);
    const headers = { 'Content-Type': type, 'Content-Length': String(content.size) };
    await (await caches.open(OPENED)).put(address, new Response(content, { headers }));
    await this.rows.remove('files', [file.share, file.number]);
  }

  private async makeSureOfRoom(needed: number): Promise<void> {
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {};
    const room = quota === undefined ? Number.POSITIVE_INFINITY : quota - (usage ?? 0);
    if (room < needed * ROOM)
      throw new Error(
        `This lesson needs ${bytes(needed * ROOM)}, and there are ${bytes(room)} left for it on this device. Take another lesson off it first.`,
      );
    // The browser is asked to throw nothing of it away. It is kept all the same if it will not promise, and meanwhile if it asks the child.
    navigator.storage?.persist?.().catch(() => false);
  }
}

const NOTHING_DONE: VisitState = { position: 0, handedIn: false, answers: {}, aims: {}, moments: [] };

/** Number of the furthest stage that has been earned. */
export function earned({ isOpen, stages, visit }: Pick<Kept, 'isOpen' | 'stages' | 'visit'>): number {
  if (isOpen) return stages.length - 1;
  // Each stage wants what the one before it wants, and something more.
  const isEarned = (stage: Kept['stages'][number]) =>
    stage.answered.every((block) => visit.answers[block] !== undefined) && (!stage.handedIn || visit.handedIn);
  return stages.filter(isEarned).length - 1;
}

function playableSound(): 'webm' | 'm4a' {
  return new Audio().canPlayType('audio/webm; codecs=opus') === '' ? 'm4a' : 'webm';
}

export const keptLessons = new KeptLessons();
