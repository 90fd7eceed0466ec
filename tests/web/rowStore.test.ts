import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, expect, test, vi } from 'vitest';
import { RowStore } from '../../web/outbox/RowStore';

afterEach(() => vi.unstubAllGlobals());

const open = () => new RowStore('test', { pieces: ['take', 'number'], takes: 'id' });

test('a browser that stores nothing keeps rows while the page is open, and says so', async () => {
  vi.stubGlobal('indexedDB', undefined);
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
  vi.stubGlobal('indexedDB', undefined);
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
  vi.stubGlobal('indexedDB', new IDBFactory());
  const rows = open();
  await rows.put('takes', { id: 'early' });
  expect(rows.isLasting).toBe(true);
  const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('The disk is full.', 'QuotaExceededError');
  });
  await rows.put('takes', { id: 'late' });
  full.mockRestore();
  expect(rows.isLasting).toBe(false);
  expect(await rows.all('takes')).toEqual([{ id: 'early' }, { id: 'late' }]);
  expect(await rows.get('takes', 'late')).toEqual({ id: 'late' });
  await rows.remove('takes', 'late');
  await rows.remove('takes', 'early');
  expect(await rows.all('takes')).toEqual([]);
});

test('rows outlive the page', async () => {
  vi.stubGlobal('indexedDB', new IDBFactory());
  await open().put('pieces', { take: 'a', number: 0, sound: 'nought' });
  const later = open();
  expect(await later.all('pieces')).toEqual([{ take: 'a', number: 0, sound: 'nought' }]);
  expect(await later.keys('pieces')).toEqual([['a', 0]]);
});
