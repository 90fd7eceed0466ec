import type {
  AimReached,
  AimsSaid,
  DrillState,
  GivenAnswer,
  PausePoint,
  VisitState,
  WatchedLesson,
} from '../../answers.types';
import { givenFiles } from '../../questions/givenFiles';
import { readable } from '../../questions/readable';
import { ask, Problem, untilAnswered } from '../../request';
import { type Kept, keptLessons } from './KeptLessons';
import { bodyOf, type Done, unsent } from './Unsent';

/** Milliseconds that a kept lesson waits for a poor connection before it goes on without one. */
const PATIENCE = 6000;

const NOT_MARKED = 'It is kept on this device, and marked when there is a connection.';

interface Telling {
  kind: Done['kind'];
  method: Done['method'];
  /** Below that of the lesson. */
  address: string;
  body: object;
  file?: Blob;
  /** How long the server is tried where the lesson is not kept. */
  signal: AbortSignal;
  onWait: (sentence: string) => void;
}

/**
 * What one student does in one lesson, and where it goes: to the server, and if that is out of reach while the lesson is kept here, to
 * this device until it is back.
 */
export class LessonWork {
  constructor(
    readonly share: string,
    /** Id of the student. */
    readonly student: string,
  ) {}

  /** The lesson as far as it has been earned. */
  async load(): Promise<WatchedLesson> {
    const kept = await this.kept();
    if (!kept) return this.ask<WatchedLesson>('GET', '');
    // Of what is still to be sent the server knows nothing yet.
    if (await this.isAllSent()) {
      try {
        const lesson = await soon(this.ask<WatchedLesson>('GET', ''));
        // What the server knows of it is newer; what was earned is opened here for when there is no connection.
        if (lesson.edition === kept.edition) await keptLessons.lesson(await keptLessons.done(kept, lesson.visit));
        return lesson;
      } catch (error) {
        if (!isAway(error)) throw error;
      }
    }
    return keptLessons.lesson((await this.kept()) ?? kept);
  }

  /** @param how it came about */
  async answer(pause: PausePoint, given: string, how: object, telling: Pick<Telling, 'signal' | 'onWait'>) {
    const address = `/answers/${pause.block}`;
    const here = (kept: Kept) => keptLessons.answered(kept, pause.block, this.unmarked(pause, given));
    const file = pause.question?.file && (await givenFiles.get(given));
    const sent = file
      ? ({ kind: 'answer', method: 'POST', address: `${address}/file`, body: { ...how }, file } as const)
      : ({ kind: 'answer', method: 'PUT', address, body: { given, ...how } } as const);
    const answered = await this.tell<GivenAnswer>({ ...sent, ...telling }, here);
    if (file) await givenFiles.forget(given);
    return answered;
  }

  /** The next item of many, made by the server: it waits for a connection. */
  practise(block: string, level: number, given?: string): Promise<DrillState> {
    return this.ask<DrillState>('POST', `/tasks/${block}/items`, { level, given });
  }

  /** @param given what stands in the exit check, by block */
  handIn(pauses: PausePoint[], given: Record<string, string>, telling: Pick<Telling, 'signal' | 'onWait'>) {
    return this.tell<VisitState>(
      { kind: 'hand in', method: 'POST', address: '/exit-check', body: { answers: given }, ...telling },
      async (kept) => {
        const blank = pauses.filter((pause) => !given[pause.block]?.trim()).length;
        if (blank > 0) throw new Error('Answer every question of the exit check first, even with a guess.');
        const answers = { ...kept.visit.answers };
        for (const pause of pauses) answers[pause.block] = this.unmarked(pause, given[pause.block] ?? '');
        return (await keptLessons.done(kept, { answers, handedIn: true })).visit;
      },
    );
  }

  sayOfAims(aims: Record<string, AimReached>, telling: Pick<Telling, 'signal' | 'onWait'>) {
    return this.tell<AimsSaid>(
      { kind: 'aims', method: 'PUT', address: '/aims', body: { aims }, ...telling },
      async (kept) => ({
        aims: (await keptLessons.done(kept, { aims: { ...kept.visit.aims, ...aims } })).visit.aims,
      }),
    );
  }

  /** @param position milliseconds of narration */
  async place(position: number): Promise<void> {
    const kept = await this.kept();
    if (!kept) return this.ask('PUT', '/place', { position });
    await keptLessons.done(kept, { position });
    await this.queue('place', 'PUT', '/place', { position });
    void unsent.send(this.student);
  }

  /** What is told at a moment is kept until it has arrived, whether or not the lesson is. */
  async moment(id: string, body: object): Promise<void> {
    await this.queue('moment', 'PUT', `/moments/${id}`, body);
    await unsent.send(this.student);
  }

  async waiting(kind?: Done['kind']): Promise<Done[]> {
    const rows = await unsent.of(this.student);
    return rows.filter((each) => each.share === this.share && (kind === undefined || each.kind === kind));
  }

  private async tell<Answer>(telling: Telling, here: (kept: Kept) => Promise<Answer>): Promise<Answer> {
    const { kind, method, address, body, file } = telling;
    const sent = bodyOf({ body, file });
    const kept = await this.kept();
    if (!kept) return untilAnswered(() => this.ask<Answer>(method, address, sent), telling.onWait, telling.signal);
    if (await this.isAllSent()) {
      try {
        return await soon(this.ask<Answer>(method, address, sent));
      } catch (error) {
        if (!isAway(error)) throw error;
      }
    }
    const answer = await here((await this.kept()) ?? kept);
    await this.queue(kind, method, address, body, file);
    void unsent.send(this.student);
    return answer;
  }

  private unmarked(pause: PausePoint, given: string): GivenAnswer {
    return { given, readable: readable(pause.question, given), sentence: NOT_MARKED };
  }

  /** Where one is waits for nothing: what was done does. */
  private async isAllSent(): Promise<boolean> {
    const waiting = (await this.waiting()).filter((each) => each.kind !== 'place' && each.kind !== 'moment');
    return waiting.length === 0 || soon(unsent.send(this.student)).catch(() => false);
  }

  private queue(kind: Done['kind'], method: Done['method'], address: string, body: object, file?: Blob): Promise<void> {
    const { share, student } = this;
    return unsent.add({ student, share, kind, method, address: this.address(address), body, ...(file && { file }) });
  }

  private kept(): Promise<Kept | undefined> {
    return keptLessons.get(this.share, this.student);
  }

  private ask<Answer>(method: string, address: string, body?: object): Promise<Answer> {
    return ask<Answer>(method, this.address(address), body);
  }

  private address(below: string): string {
    return `/api/watch/${this.share}${below}`;
  }
}

/** Whether the server could not be asked, or knows nobody now: the same may go through later. */
export function isAway(error: unknown): boolean {
  return error instanceof Problem && error.isPassing;
}

function soon<Answer>(work: Promise<Answer>): Promise<Answer> {
  return Promise.race([
    work,
    new Promise<Answer>((_, refuse) =>
      setTimeout(() => refuse(new Problem(0, 'The server does not answer.')), PATIENCE),
    ),
  ]);
}
