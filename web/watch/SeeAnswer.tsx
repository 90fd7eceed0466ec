import { useEffect, useState } from 'react';
import type { GivenAnswer } from '../answers.types';
import { clock } from '../clock';
import { ask } from '../request';
import { useTrouble } from '../trouble';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';

interface SeeAnswerProps {
  share: string;
  block: string;
  /** Seconds of trying. */
  after: number;
  onAnswer: (block: string, answer: GivenAnswer) => void;
}

/** For who cannot answer: the answer, when the time has passed that the teacher set. The server counts it, too. */
export function SeeAnswer({ share, block, after, onAnswer }: SeeAnswerProps) {
  const [left, setLeft] = useState(after);
  const [trouble, attempt] = useTrouble();
  useEffect(() => {
    void attempt(() => ask('PUT', `/api/watch/${share}/tasks/${block}`));
    const timer = setInterval(() => setLeft((before) => Math.max(0, before - 1)), 1000);
    return () => clearInterval(timer);
  }, [attempt, share, block]);
  const see = () =>
    attempt(async () => onAnswer(block, await ask<GivenAnswer>('POST', `/api/watch/${share}/tasks/${block}/answer`)));
  return (
    <div className="mt-2">
      <Button className="min-h-11!" disabled={left > 0} onClick={() => void see()}>
        {left > 0 ? `See the answer in ${clock(left)}` : 'See the answer'}
      </Button>
      {trouble && <Notice tone="trouble">{trouble}</Notice>}
    </div>
  );
}
