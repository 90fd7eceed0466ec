import { useEffect, useState } from 'react';
import type { Block, ClipMedium, LessonDocument } from '../../lesson.types';
import type { Note } from '../../tracks/capture';
import { FILM_STRIP } from '../../tracks/signs';

/** The key that lets the slide's clip play, and ends it. */
const CLIP_KEY = 'k';

/** What of a clip of the slide is played. */
export interface ClipOnSlide {
  block: string;
  medium: ClipMedium;
  /** Seconds of the clip. */
  from: number;
  to: number;
}

interface Recording {
  take: string | null;
  /** Id of the slide that is seen. */
  slide: string;
  /** The blocks that have appeared. */
  blocks: Block[];
  media: LessonDocument['media'];
  now: () => number;
  note: (event: Note) => void;
}

/** A clip of the slide that plays in the slide's place while the teacher speaks. */
export function usePlayedClip({ take, slide, blocks, media, now, note }: Recording) {
  const [playing, setPlaying] = useState<ClipOnSlide | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another take or slide begins with nothing playing
  useEffect(() => setPlaying(null), [take, slide]);
  const clip = blocks.flatMap((block) => filmIn(block, media) ?? []).at(-1);
  const end = () => {
    if (playing) note({ kind: 'clip', block: playing.block, plays: false });
    setPlaying(null);
  };
  return {
    playing,
    end,
    /** Its pictures began to move so many seconds ago. */
    began: (ago: number) =>
      playing && note({ kind: 'clip', at: Math.max(0, now() - 1000 * ago), block: playing.block, plays: true }),
    actions: clip
      ? [
          {
            label: playing ? 'End clip' : 'Play clip',
            sign: FILM_STRIP,
            key: CLIP_KEY,
            run: () => (playing ? end() : setPlaying(clip)),
          },
        ]
      : [],
  };
}

function filmIn(block: Block, media: LessonDocument['media']): ClipOnSlide | undefined {
  if (block.kind !== 'clip') return undefined;
  const { medium: id, from = 0, to = 0 } = block.content;
  const medium = id ? media[id] : undefined;
  if (medium?.type !== 'video/mp4' || to <= from) return undefined;
  return { block: block.id, medium, from, to };
}
