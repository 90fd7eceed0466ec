import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { IncomingClip } from '../../answers.types';
import { ask, Problem, send } from '../../request';
import { Button } from '../../ui/Button';
import { Notice } from '../../ui/Notice';
import { clipOutbox, isUnderWay } from './outbox';

/** Milliseconds after which the server is asked again how far it is. */
const AGAIN = 1000;

/** How far the server is with a clip; “unknown” where it knows nothing of it, null while it cannot be asked. */
export function useIncomingClip(id: string) {
  return useQuery({
    queryKey: ['clip', id],
    queryFn: async (): Promise<IncomingClip | 'unknown' | null> => {
      try {
        return await ask<IncomingClip>('GET', `/api/clips/${id}`);
      } catch (error) {
        if (error instanceof Problem && error.status === 404) return 'unknown';
        if (error instanceof Problem && error.isPassing) return null;
        throw error;
      }
    },
    refetchInterval: (query) => (['ready', 'failed'].includes(stateOf(query.state.data)) ? false : AGAIN),
  });
}

function stateOf(clip: IncomingClip | 'unknown' | null | undefined): string {
  return clip && clip !== 'unknown' ? clip.state : '';
}

/** A clip on its way: how far it is, what stands in its way, and a press that stops it. */
export function ComingClip({ id, onStop }: { id: string; onStop: () => void }) {
  const found = useIncomingClip(id).data;
  const clip = found === 'unknown' ? null : found;
  const [sending, setSending] = useState({ pieces: 0, trouble: null as string | null });
  useEffect(() => {
    const stopTelling = clipOutbox.onChange(setSending);
    void clipOutbox.work();
    return stopTelling;
  }, []);
  const stop = () => {
    onStop();
    void clipOutbox
      .forget(id)
      .then(() => send('DELETE', `/api/clips/${id}`))
      .catch(() => undefined);
  };
  const isPreparing = clip?.state === 'preparing';
  // A page that closed in the middle has left off filming: what arrived is a clip.
  const isHere = isUnderWay(id) || sending.pieces > 0;
  const isLost = found === 'unknown' && !isHere;
  const isLeftOff = clip?.state === 'arriving' && !isHere;
  const takeArrived = async () => {
    await clipOutbox.forget(id);
    await ask('POST', `/api/clips/${id}/finish`, { pieces: null });
  };
  return (
    <div className="flex flex-col gap-2">
      {clip?.state === 'failed' || isLost ? (
        <Notice tone="trouble">
          {clip?.trouble ?? 'Nothing of this clip is on the server or in this browser. Choose or film it again.'}
        </Notice>
      ) : (
        <div className="flex items-center gap-3" role="status">
          <span className="shrink-0">
            {isPreparing
              ? `The clip is being made ready: ${Math.round(100 * clip.progress)} %`
              : sending.pieces > 0
                ? `The clip is being sent: ${sending.pieces} ${sending.pieces === 1 ? 'piece' : 'pieces'} to go`
                : 'The clip is on its way'}
          </span>
          {isPreparing && (
            <progress className="h-2 min-w-0 grow" max={1} value={clip.progress} aria-label="Made ready" />
          )}
        </div>
      )}
      {sending.trouble && <Notice tone="trouble">{sending.trouble}</Notice>}
      <div className="flex gap-3">
        {isLeftOff && <Button onClick={() => void takeArrived()}>Use what has arrived</Button>}
        <Button onClick={stop}>{clip?.state === 'failed' || isLost ? 'Choose another' : 'Stop'}</Button>
      </div>
    </div>
  );
}
