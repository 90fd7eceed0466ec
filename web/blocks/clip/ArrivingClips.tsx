import { useEffect } from 'react';
import type { ClipMedium, Medium } from '../../lesson.types';
import { findBlock, newId, useDesk } from '../../rooms/lesson/desk';
import { useIncomingClip } from './ComingClip';

/** Puts each clip that has been made ready where it was asked for, whatever is looked at meanwhile. */
export function ArrivingClips() {
  const desk = useDesk();
  return desk.document.parts.flatMap((part) =>
    part.slides.flatMap((slide) =>
      slide.blocks.flatMap((block) =>
        block.kind === 'clip' && block.content.coming
          ? [<Arriving key={block.content.coming} clip={block.content.coming} slide={slide.id} block={block.id} />]
          : [],
      ),
    ),
  );
}

function Arriving({ clip, slide, block }: { clip: string; slide: string; block: string }) {
  const desk = useDesk();
  const found = useIncomingClip(clip).data;
  const incoming = found === 'unknown' ? null : found;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it is ready
  useEffect(() => {
    if (incoming?.state !== 'ready' || !incoming.medium) return;
    const medium = incoming.medium as unknown as ClipMedium;
    const poster = incoming.poster as Medium | null;
    desk.edit((draft) => {
      const target = findBlock(draft, slide, block);
      if (target.kind !== 'clip' || target.content.coming !== clip) return;
      const id = newId('clip');
      const picture = poster && newId('picture');
      draft.media[id] = medium;
      if (poster && picture) draft.media[picture] = poster;
      const { title } = target.content;
      target.content = { medium: id, poster: picture, title, from: 0, to: medium.seconds, captions: [] };
    });
  }, [incoming?.state]);
  return null;
}
