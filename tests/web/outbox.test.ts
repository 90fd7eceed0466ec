import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { filmOutbox } from '../../web/rooms/record/filmOutbox';
import { outbox, TakeOutbox } from '../../web/rooms/record/outbox';

/** A server of the test’s own: each address with the statuses it answers, the last one again and again. */
let answers: [RegExp, number[]][];
let asked: string[];

/** Waiting turns the hands of the test’s clock on: far enough for two new tries. */
const PATIENT = { timeout: 8000, interval: 100 };

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('document', { cookie: '' });
  asked = [];
  answers = [];
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    const wanted = `${init.method} ${address}`;
    asked.push(wanted);
    const statuses = answers.find(([pattern]) => pattern.test(wanted))?.[1] ?? [200];
    const status = (statuses.length > 1 ? statuses.shift() : statuses[0]) ?? 200;
    if (status === 0) throw new TypeError('Failed to fetch');
    return new Response(JSON.stringify({ detail: `Answered ${status}.` }), { status });
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const take = (id: string) => ({ id, lesson: 'lesson', slide: 'slide', source: 'microphone' as const, pieces: null });
const piece = (id: string, number: number) => ({ take: id, number, sound: new Blob(['sound']), events: [] });

async function record(outbox: TakeOutbox, id: string, pieces: number): Promise<void> {
  await outbox.begin(take(id));
  for (let number = 0; number < pieces; number++) await outbox.piece(piece(id, number));
  await outbox.end(id, pieces);
}

test('a take is announced, sent piece by piece, and finished', async () => {
  const outbox = new TakeOutbox();
  const finished: string[] = [];
  outbox.onFinished((id) => finished.push(id));
  await record(outbox, 'one', 2);
  await vi.waitFor(() => expect(finished).toEqual(['one']));
  expect(asked).toEqual([
    'PUT /api/lessons/lesson/takes/one',
    'POST /api/takes/one/pieces/0',
    'POST /api/takes/one/pieces/1',
    'POST /api/takes/one/finish',
  ]);
});

test('what cannot be sent waits, is told of, and is sent again in order', async () => {
  answers = [[/pieces\/1/, [0, 503, 200]]];
  const outbox = new TakeOutbox();
  const told: (string | null)[] = [];
  outbox.onChange((sending) => told.push(sending.trouble));
  await record(outbox, 'one', 3);
  await vi.waitFor(() => expect(asked.at(-1)).toBe('POST /api/takes/one/finish'), PATIENT);
  // This browser stores nothing: the page must stay.
  expect([...new Set(told.filter(Boolean))]).toEqual([
    expect.stringMatching(/cannot reach the server.*Keep this page open/),
  ]);
  expect(asked.filter((each) => each.includes('pieces/1'))).toHaveLength(3);
  expect(asked.indexOf('POST /api/takes/one/pieces/2')).toBeGreaterThan(
    asked.lastIndexOf('POST /api/takes/one/pieces/1'),
  );
  await vi.waitFor(() => expect(told.at(-1)).toBeNull());
});

test('how much there is to send is known before any of it has arrived', async () => {
  vi.stubGlobal('fetch', () => new Promise(() => undefined));
  const outbox = new TakeOutbox();
  await record(outbox, 'one', 3);
  const told: number[] = [];
  outbox.onChange((sending) => told.push(sending.pieces));
  await vi.waitFor(() => expect(told).toEqual([3]));
  await outbox.piece(piece('one', 3));
  expect(told).toEqual([3, 4]);
});

test('a take that the server refuses is set aside with its sentence, and the next one goes on', async () => {
  answers = [[/takes\/gone\/pieces/, [422]]];
  const outbox = new TakeOutbox();
  let told: object = {};
  outbox.onChange((sending) => {
    told = sending;
  });
  await record(outbox, 'gone', 2);
  await record(outbox, 'next', 1);
  await vi.waitFor(() => expect(asked).toContain('POST /api/takes/next/finish'));
  const trouble = 'A recording was not taken: Answered 422. It stays in this browser.';
  // What is set aside is not on its way: who waits for that waits no longer.
  await vi.waitFor(() => expect(told).toEqual({ pieces: 0, trouble }), PATIENT);
  expect(asked.filter((each) => each.includes('takes/gone/pieces'))).toHaveLength(3);
});

test('what is refused once and taken later is no trouble', async () => {
  answers = [[/takes\/one\/pieces\/1/, [422, 422, 200]]];
  const outbox = new TakeOutbox();
  const told: (string | null)[] = [];
  outbox.onChange((sending) => told.push(sending.trouble));
  await record(outbox, 'one', 2);
  await vi.waitFor(() => expect(asked).toContain('POST /api/takes/one/finish'), PATIENT);
  expect(told.filter(Boolean)).toEqual([]);
  expect(asked.filter((each) => each.includes('pieces/1'))).toHaveLength(3);
});

test('a take is made known before the film that belongs to it', async () => {
  answers = [[/pieces/, [0]]];
  await outbox.begin(take('filmed'));
  await filmOutbox.begin({ id: 'film', take: 'filmed', source: 'camera', pieces: null });
  await filmOutbox.piece({ film: 'film', number: 0, bytes: new Blob(['film']) });
  await vi.waitFor(() => expect(asked).toContain('POST /api/takes/filmed/footage/film/pieces/0'));
  const known = asked.indexOf('PUT /api/lessons/lesson/takes/filmed');
  expect(known).toBeGreaterThanOrEqual(0);
  expect(known).toBeLessThan(asked.indexOf('PUT /api/takes/filmed/footage/film'));
});

test('signed out, it says so and goes on after the next sign-in', async () => {
  answers = [[/pieces\/0/, [401, 200]]];
  const outbox = new TakeOutbox();
  const told: (string | null)[] = [];
  outbox.onChange((sending) => told.push(sending.trouble));
  await record(outbox, 'one', 1);
  await vi.waitFor(() => expect(told.some((each) => each?.includes('You are signed out'))).toBe(true));
  await vi.waitFor(() => expect(asked).toContain('POST /api/takes/one/finish'), PATIENT);
});

test('an old token is renewed on the way', async () => {
  answers = [[/finish/, [419, 200]]];
  await record(new TakeOutbox(), 'one', 0);
  await vi.waitFor(() =>
    expect(asked).toEqual(['POST /api/takes/one/finish', 'GET /api/session', 'POST /api/takes/one/finish']),
  );
});

test('a take that was thrown away is not sent', async () => {
  answers = [[/pieces/, [0]]];
  const outbox = new TakeOutbox();
  await record(outbox, 'one', 2);
  await vi.waitFor(() => expect(asked).toContain('POST /api/takes/one/pieces/0'));
  const forgetting = outbox.forget('one');
  await vi.advanceTimersByTimeAsync(100);
  await forgetting;
  asked.length = 0;
  await vi.advanceTimersByTimeAsync(10_000);
  expect(asked).toEqual([]);
});
