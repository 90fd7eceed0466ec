import { type IDBPDatabase, type IDBPObjectStore, openDB } from 'idb';

export type Key = string | (string | number)[];

/**
 * Keeps rows in IndexedDB, so that they outlive the page.
 *
 * What the browser will not keep (a private window, a full disk) stays in memory: it is then safe only while the page is open.
 */
export class RowStore {
  private readonly database: Promise<IDBPDatabase | null>;
  private readonly memory: Map<string, Map<string, unknown>>;

  /** @param keyPaths name of each table => the fields that make its key */
  constructor(
    name: string,
    private readonly keyPaths: Record<string, string | string[]>,
  ) {
    this.memory = new Map(Object.keys(keyPaths).map((table) => [table, new Map()]));
    this.database = Promise.resolve()
      .then(() => this.open(name))
      .catch(() => null);
  }

  /** Whether all that is kept would still be there after the page is closed. */
  get isLasting(): boolean {
    return [...this.memory.values()].every((rows) => rows.size === 0);
  }

  async put(table: string, row: object): Promise<void> {
    try {
      await this.request(table, 'readwrite', (each) => each.put(row));
    } catch {
      this.memory.get(table)?.set(this.keyOf(table, row), row);
    }
  }

  async get<Row>(table: string, key: Key): Promise<Row | undefined> {
    const inMemory = this.memory.get(table)?.get(JSON.stringify(key));
    return (inMemory ?? (await this.request(table, 'readonly', (each) => each.get(key)).catch(() => undefined))) as
      | Row
      | undefined;
  }

  /** In the order of their keys, those in memory last. */
  async all<Row>(table: string): Promise<Row[]> {
    const kept = await this.request(table, 'readonly', (each) => each.getAll() as Promise<Row[]>).catch(() => []);
    return [...kept, ...((this.memory.get(table)?.values() ?? []) as Iterable<Row>)];
  }

  /** The keys of all rows, without reading the rows. */
  async keys<Key>(table: string): Promise<Key[]> {
    const kept = await this.request(table, 'readonly', (each) => each.getAllKeys()).catch(() => []);
    const inMemory = [...(this.memory.get(table)?.keys() ?? [])].map((key) => JSON.parse(key));
    return [...kept, ...inMemory] as Key[];
  }

  async remove(table: string, key: Key): Promise<void> {
    this.memory.get(table)?.delete(JSON.stringify(key));
    await this.request(table, 'readwrite', (each) => each.delete(key)).catch(() => undefined);
  }

  private keyOf(table: string, row: object): string {
    const path = this.keyPaths[table] ?? '';
    const fields = row as Record<string, unknown>;
    return JSON.stringify(Array.isArray(path) ? path.map((field) => fields[field]) : fields[path]);
  }

  private open(name: string): Promise<IDBPDatabase> {
    return openDB(name, 1, {
      upgrade: (database) => {
        for (const [table, keyPath] of Object.entries(this.keyPaths)) database.createObjectStore(table, { keyPath });
      },
    });
  }

  /** Answered when it is safe on the disk, and not before. */
  private async request<Result, Mode extends 'readonly' | 'readwrite'>(
    table: string,
    mode: Mode,
    work: (table: IDBPObjectStore<unknown, [string], string, Mode>) => Promise<Result>,
  ): Promise<Result> {
    const database = await this.database;
    if (!database) throw new Error('This browser keeps nothing.');
    const transaction = database.transaction(table, mode, { durability: 'strict' });
    const result = await work(transaction.store);
    await transaction.done;
    return result;
  }
}
