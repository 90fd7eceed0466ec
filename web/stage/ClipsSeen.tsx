import { useState } from 'react';
import type { PlayedClip, Programme } from '../answers.types';
import { Button } from '../ui/Button';
import { ClipPlayer } from './ClipPlayer';
import type { Playing } from './Player';
import { seenAt } from './programme';

/** Milliseconds before a wait at which what is seen is held meanwhile. */
const HELD = 1;

/** The clip that plays now: the one for which the lesson waits, or one that the student wants once more. */
export function useClips(programme: Programme, player: Playing) {
  const [again, setAgain] = useState<PlayedClip | null>(null);
  const slide = seenAt(programme, player.at)?.slide;
  const seen = programme.pauses.flatMap((pause) =>
    pause.clip && pause.slide === slide && pause.at <= player.at + HELD && pause !== player.waiting ? [pause.clip] : [],
  );
  const playing = again ?? player.waiting?.clip ?? null;
  return {
    playing,
    seen,
    playAgain: (clip: PlayedClip) => {
      player.pause();
      setAgain(clip);
    },
    done: () => (again ? setAgain(null) : player.goOn()),
  };
}

export type Clips = ReturnType<typeof useClips>;

/** Over the slide, the clip that plays now. */
export function PlayingClip({ clips, player, hasCaptions }: { clips: Clips; player: Playing; hasCaptions: boolean }) {
  return (
    clips.playing && (
      <ClipPlayer clip={clips.playing} speed={player.speed} hasCaptions={hasCaptions} onDone={clips.done} />
    )
  );
}

/** Under the slide, its clips that have played. */
export function ClipsSeen({ clips }: { clips: Clips }) {
  if (clips.seen.length === 0 || clips.playing) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      {clips.seen.map((clip) => (
        <Button key={clip.file + clip.from} className="min-h-12!" onClick={() => clips.playAgain(clip)}>
          Play the clip again{clip.title && `: ${clip.title}`}
        </Button>
      ))}
    </div>
  );
}
