import { afterEach, expect, test, vi } from 'vitest';
import { RowStore } from '../../web/rooms/record/RowStore';

afterEach(() => vi.unstubAllGlobals());

const open = () => new RowStore('test', { pieces: ['take', 'number'], takes: 'id' });

test('a browser that stores nothing keeps rows while the page is open, and says so', async () => {
  const rows = open();
  expect(rows.isLasting).toBe(true);
  await rows.put('pieces', { take: 'a', number: 1, sound: 'one' });
  await rows.put('pieces', { take: 'a', number: 0, sound: 'nought' });
  await rows.put('takes', { id: 'a', pieces: null });
  expect(rows.isLasting).toBe(false);
  expect(await rows.get('takes', 'a')).toEqual({ id: 'a', pieces: null });
  expect(await rows.get('takes', 'b')).toBeUndefined();
  expect(await rows.all('pieces')).toHaveLength(2);
});

test('a row with the same key takes the place of the one before', async () => {
  const rows = open();
  await rows.put('takes', { id: 'a', pieces: null });
  await rows.put('takes', { id: 'a', pieces: 4 });
  expect(await rows.all('takes')).toEqual([{ id: 'a', pieces: 4 }]);
  await rows.remove('takes', 'a');
  await rows.remove('takes', 'a');
  expect(await rows.all('takes')).toEqual([]);
  expect(rows.isLasting).toBe(true);
});

test('a full disk loses no row: it stays in memory beside those that were stored', async () => {
  const stored = new Map<string, unknown>();
  let isFull = false;
  const answer = <Result>(result: Result, fails = false) => {
    const request = { result, error: new Error('full') } as { onsuccess?: () => void; onerror?: () => void };
    queueMicrotask(() => (fails ? request.onerror?.() : request.onsuccess?.()));
    return request;
  };
  const table = {
    put: (row: { id: string }) => {
      if (!isFull) stored.set(row.id, row);
      return answer(undefined, isFull);
    },
    get: (key: string) => answer(stored.get(key)),
    getAll: () => answer([...stored.values()]),
    delete: (key: string) => answer(stored.delete(key)),
  };
  vi.stubGlobal('indexedDB', { open: () => answer({ transaction: () => ({ objectStore: () => table }) }) });
  const rows = open();
  await rows.put('takes', { id: 'early' });
  expect(rows.isLasting).toBe(true);
  isFull = true;
  await rows.put('takes', { id: 'late' });
  expect(rows.isLasting).toBe(false);
  expect(await rows.all('takes')).toEqual([{ id: 'early' }, { id: 'late' }]);
  expect(await rows.get('takes', 'late')).toEqual({ id: 'late' });
  await rows.remove('takes', 'late');
  await rows.remove('takes', 'early');
  expect(await rows.all('takes')).toEqual([]);
});
