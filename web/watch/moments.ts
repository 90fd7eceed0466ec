import { useCallback, useEffect, useState } from 'react';
import type { LessonMoment } from '../answers.types';
import { ask } from '../request';
import type { LessonWork } from './kept/LessonWork';
import { unsent } from './kept/Unsent';

type Kind = LessonMoment['kind'];

/** What is asked, noted and told at moments of a lesson. It is kept on the device until the server has it, and sent once. */
export function useMoments(work: LessonWork, kept: LessonMoment[]) {
  const [there, setThere] = useState(kept);
  const [trouble, setTrouble] = useState('');

  const show = useCallback((more: LessonMoment[]) => {
    setThere((before) => [...before.filter((each) => more.every(({ id }) => id !== each.id)), ...more]);
  }, []);
  useEffect(() => {
    const look = async () => {
      const rows = await work.waiting('moment');
      show(rows.map(momentOf));
      const refused = (await unsent.refusals(work.student)).find(
        (each) => each.kind === 'moment' && each.share === work.share,
      );
      setTrouble(refused?.reason ?? '');
    };
    void look();
    return unsent.onChange(() => void look());
  }, [work, show]);

  const add = (kind: Kind, at: number, text = '') => {
    const moment = { id: freshId(), kind, at: Math.round(at), slide: '', text, reply: null };
    show([moment]);
    void work.moment(moment.id, { kind, at: moment.at, text });
  };
  const remove = async (id: string) => {
    await ask('DELETE', `/api/watch/${work.share}/moments/${id}`);
    setThere((before) => before.filter((each) => each.id !== id));
  };
  const seen = there.filter((each) => each.kind !== 'back').sort((one, other) => one.at - other.at);
  return { moments: seen, trouble, add, remove };
}

export type Moments = ReturnType<typeof useMoments>;

/** A moment as it waits to be sent. */
function momentOf({ address, body }: { address: string; body: object }): LessonMoment {
  const id = address.slice(address.lastIndexOf('/') + 1);
  return { id, slide: '', reply: null, ...(body as Pick<LessonMoment, 'kind' | 'at' | 'text'>) };
}

/** 22 letters and figures, as the server has its own. */
function freshId(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(22)), (byte) => (byte % 36).toString(36)).join('');
}
