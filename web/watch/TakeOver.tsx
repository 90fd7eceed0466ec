import { useState } from 'react';
import type { WatchedLesson } from '../answers.types';
import { LiveDials } from '../stage/live/LiveDials';
import { type Live, useLive } from '../stage/live/useLive';
import type { Playing } from '../stage/Player';
import { pageOf, TALL } from '../stage/page';
import { seenAt } from '../stage/programme';
import { Button } from '../ui/Button';
import { Notice } from '../ui/Notice';

export interface TakenOver {
  /** What the student works; nothing while the lesson shows it. */
  live: Live | undefined;
  /** Whether something on the slide can be taken over. */
  isPossible: boolean;
  begin: () => void;
  end: () => void;
}

/** A figure of the lesson that a student works, from the way in which it stands on the slide. */
export function useTakeOver(share: string, lesson: WatchedLesson, player: Playing): TakenOver {
  const [taken, setTaken] = useState<{ slide: string; round: number } | null>(null);
  const shown = seenAt(lesson, player.at)?.slide ?? '';
  const slide = lesson.slides[shown];
  const blocks = slide?.live ?? [];
  const isOn = taken?.slide === shown && !player.isPlaying;
  const page = slide && pageOf(slide) === TALL ? 'tall' : 'wide';
  const live = useLive(isOn ? `/api/watch/${share}/slides/${shown}/live?page=${page}` : null, `${taken?.round}`, {
    blocks,
  });
  return {
    live: isOn ? live : undefined,
    isPossible: blocks.length > 0,
    begin: () => {
      player.pause();
      setTaken((before) => ({ slide: shown, round: (before?.round ?? 0) + 1 }));
    },
    end: () => setTaken(null),
  };
}

/** Takes a figure over and gives it back. */
export function TakeOver({ taken }: { taken: TakenOver }) {
  if (!taken.isPossible) return null;
  if (!taken.live) {
    return (
      <Button className="mt-2 min-h-12!" onClick={taken.begin}>
        Try it yourself
      </Button>
    );
  }
  return (
    <section aria-label="Try it yourself" className="mt-2 rounded border border-rule bg-sheet p-4">
      <p className="mb-3 text-lg">It is yours now. Work it on the slide, or here.</p>
      <LiveDials live={taken.live} />
      {taken.live.trouble && <Notice tone="trouble">{taken.live.trouble}</Notice>}
      <Button look="main" className="mt-3 min-h-12!" onClick={taken.end}>
        Back to the lesson
      </Button>
    </section>
  );
}
