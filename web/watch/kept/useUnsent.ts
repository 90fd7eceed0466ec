import { useEffect, useState } from 'react';
import { type Done, type Refusal, unsent } from './Unsent';

/** What a student did that the server does not know yet; it is sent while a page is open. */
export function useUnsent(student: string | undefined) {
  const [waiting, setWaiting] = useState<Done[]>([]);
  const [refusals, setRefusals] = useState<Refusal[]>([]);
  useEffect(() => {
    if (!student) return;
    const look = async () => {
      // Where somebody is goes along by itself: nobody needs to wait for it.
      setWaiting((await unsent.heldUp(student)).filter((each) => each.kind !== 'place'));
      setRefusals(await unsent.refusals(student));
    };
    const end = unsent.onChange(() => void look());
    const stop = unsent.sendOnAndOn(student);
    void look();
    return () => {
      end();
      stop();
    };
  }, [student]);
  return { waiting, refusals };
}
