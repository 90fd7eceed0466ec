import { newPublicId } from '../outbox/Outbox';
import { RowStore } from '../outbox/RowStore';

interface GivenFile {
  id: string;
  content: Blob;
}

const rows = new RowStore('daybright-given', { files: 'id' });

/** What was recorded or drawn and not given yet, kept in the browser under a name that stands for it in the answer. */
export const givenFiles = {
  /** @param id of an earlier state of the same, which it takes the place of */
  async keep(content: Blob, id = newPublicId()): Promise<string> {
    await rows.put('files', { id, content } satisfies GivenFile);
    return id;
  },
  async get(id: string): Promise<Blob | undefined> {
    return (await rows.get<GivenFile>('files', id))?.content;
  },
  forget(id: string): Promise<void> {
    return rows.remove('files', id);
  },
  /** On a borrowed phone nobody finds what another one said. */
  async forgetAll(): Promise<void> {
    for (const id of await rows.keys<string>('files')) await rows.remove('files', id);
  },
};
