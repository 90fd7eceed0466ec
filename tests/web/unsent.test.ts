import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, expect, test, vi } from 'vitest';
import { earned } from '../../web/watch/kept/KeptLessons';
import { Unsent } from '../../web/watch/kept/Unsent';

/** A server of the test’s own: what it was told, and what it answers; 0 for one that is out of reach. */
let told: string[];
let status: (address: string) => number;

beforeEach(() => {
  told = [];
  status = () => 200;
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
    const answered = status(address);
    if (answered === 0) throw new TypeError('Failed to fetch');
    told.push(`${address} ${init.body} for ${(init.headers as Record<string, string>)['X-Student']}`);
    return new Response(JSON.stringify({ detail: 'Write a number.' }), { status: answered });
  });
  vi.stubGlobal('indexedDB', new IDBFactory());
});

const done = (student: string, address: string, kind: 'answer' | 'place' = 'answer') =>
  ({ student, share: 'share', kind, method: 'PUT', address, body: { given: address } }) as const;

test('what was done is sent in its order, once, for the student who did it', async () => {
  const unsent = new Unsent();
  status = () => 0;
  await unsent.add(done('ada', '/one'));
  expect(await unsent.heldUp('ada')).toEqual([]);
  await unsent.add(done('bram', '/other'));
  await unsent.add(done('ada', '/two'));
  expect(await unsent.send('ada')).toBe(false);
  expect(told).toEqual([]);
  expect(await unsent.heldUp('ada')).toHaveLength(2);

  // The page was closed meanwhile.
  const later = new Unsent();
  status = () => 200;
  expect(await Promise.all([later.send('ada'), later.send('ada')])).toEqual([true, true]);
  expect(told).toEqual(['/one {"given":"/one"} for ada', '/two {"given":"/two"} for ada']);
  expect(await later.send('ada')).toBe(true);
  expect(told).toHaveLength(2);
  expect(await later.of('bram')).toHaveLength(1);
});

test('nothing overtakes what the server cannot take yet, and what it refuses is told and holds up nothing', async () => {
  const unsent = new Unsent();
  for (const address of ['/one', '/two', '/three']) await unsent.add(done('ada', address));
  status = (address) => (address === '/two' ? 401 : 200);
  expect(await unsent.send('ada')).toBe(false);
  expect((await unsent.of('ada')).map((each) => each.address)).toEqual(['/two', '/three']);

  status = (address) => (address === '/two' ? 422 : 200);
  expect(await unsent.send('ada')).toBe(true);
  const refusals = await unsent.refusals('ada');
  expect(refusals.map(({ address, reason }) => [address, reason])).toEqual([['/two', 'Write a number.']]);
  await unsent.forgetRefusal(refusals[0]?.key ?? '');
  expect(await unsent.refusals('ada')).toEqual([]);
});

test('of the places in a lesson only the last is kept', async () => {
  const unsent = new Unsent();
  for (const address of ['/1', '/2', '/3']) await unsent.add(done('ada', address, 'place'));
  expect((await unsent.of('ada')).map((each) => each.address)).toEqual(['/3']);
});

test('a stage is earned when every question before it is answered, and the last when the check is handed in', () => {
  const stage = (answered: string[], handedIn = false) => ({ answered, handedIn, sealed: '' });
  const stages = [stage([]), stage(['a']), stage(['a', 'b']), stage(['a', 'b'], true)];
  const visit = (blocks: string[], handedIn = false) => ({
    position: 0,
    handedIn,
    answers: Object.fromEntries(blocks.map((block) => [block, { given: 'x', readable: 'x' }])),
    aims: {},
    moments: [],
  });
  expect(earned({ isOpen: false, stages, visit: visit([]) })).toBe(0);
  expect(earned({ isOpen: false, stages, visit: visit(['b']) })).toBe(0);
  expect(earned({ isOpen: false, stages, visit: visit(['a', 'b']) })).toBe(2);
  expect(earned({ isOpen: false, stages, visit: visit(['a', 'b'], true) })).toBe(3);
  expect(earned({ isOpen: true, stages, visit: visit([]) })).toBe(3);
});
