import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { ask, Problem, send, sentence, untilAnswered } from '../../web/request';

let statuses: number[];
let asked: { wanted: string; init: RequestInit }[];

beforeEach(() => {
  vi.stubGlobal('document', { cookie: 'other=1; XSRF-TOKEN=a%3Db' });
  statuses = [];
  asked = [];
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    asked.push({ wanted: `${init.method} ${address}`, init });
    const status = statuses.shift() ?? 200;
    if (status === 0) throw new TypeError('Failed to fetch');
    return new Response(status === 204 ? null : JSON.stringify({ detail: `Answered ${status}.`, pointer: '/title' }), {
      status,
    });
  });
});

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const headers = () => asked[0]?.init.headers as Record<string, string>;

test('an object is sent as JSON with the token of the cookie, a form as it is', async () => {
  await ask('PUT', '/api/lessons/1', { title: 'Shadows' });
  expect(headers()).toMatchObject({ 'Content-Type': 'application/json', 'X-XSRF-TOKEN': 'a=b' });
  expect(asked[0]?.init.body).toBe('{"title":"Shadows"}');
  asked = [];
  const form = new FormData();
  await send('POST', '/api/media', form);
  expect(headers()['Content-Type']).toBeUndefined();
  expect(asked[0]?.init.body).toBe(form);
});

test('a problem carries its sentence, its status and what else the server said', async () => {
  statuses = [422];
  const problem = await ask('POST', '/api/lessons', {}).catch((error) => error);
  expect(problem).toBeInstanceOf(Problem);
  expect(problem).toMatchObject({ status: 422, message: 'Answered 422.', more: { pointer: '/title' } });
  expect(sentence(problem)).toBe('Answered 422.');
  expect(sentence('something else')).toBe('Something went wrong. Try again.');
});

test('only what may go through later is passing', () => {
  expect([0, 401, 419, 429, 500, 503].map((status) => new Problem(status, '').isPassing)).toEqual(Array(6).fill(true));
  expect([400, 404, 409, 413, 422].map((status) => new Problem(status, '').isPassing)).toEqual(Array(5).fill(false));
});

test('a server out of reach is said in words, a request taken back is not', async () => {
  statuses = [0, 0];
  await expect(ask('GET', '/api/home')).rejects.toMatchObject({
    status: 0,
    message: expect.stringContaining('cannot be reached'),
  });
  const controller = new AbortController();
  controller.abort();
  await expect(send('GET', '/api/home', undefined, controller.signal)).rejects.toBeInstanceOf(TypeError);
});

test('an old token is renewed once, and a second refusal is told', async () => {
  statuses = [419, 200, 419];
  await expect(ask('POST', '/api/x', {})).rejects.toMatchObject({ status: 419 });
  expect(asked.map((each) => each.wanted)).toEqual(['POST /api/x', 'GET /api/session', 'POST /api/x']);
});

test('nothing to say gives nothing', async () => {
  statuses = [204];
  expect(await ask('DELETE', '/api/takes/1')).toBeUndefined();
});

test('what must arrive is asked for until the server has answered', async () => {
  vi.useFakeTimers();
  statuses = [0, 503, 200];
  const told: string[] = [];
  const answer = untilAnswered(
    () => ask('PUT', '/api/answer', {}),
    (each) => told.push(each),
    new AbortController().signal,
  );
  await vi.advanceTimersByTimeAsync(7000);
  expect(await answer).toMatchObject({ detail: 'Answered 200.' });
  expect(told).toEqual([expect.stringContaining('cannot be reached'), 'Answered 503.']);
});

test('a refusal is an answer, and asking ends when its page has gone', async () => {
  vi.useFakeTimers();
  statuses = [422];
  const never = () => undefined;
  await expect(
    untilAnswered(() => ask('PUT', '/api/answer', {}), never, new AbortController().signal),
  ).rejects.toMatchObject({ status: 422 });
  statuses = [0, 0, 0];
  const leaving = new AbortController();
  const asking = untilAnswered(() => ask('PUT', '/api/answer', {}), never, leaving.signal).catch((error) => error);
  leaving.abort();
  await vi.advanceTimersByTimeAsync(10_000);
  expect(await asking).toMatchObject({ status: 0 });
  expect(statuses).toHaveLength(2);
});
