import type { SlideChange } from '../../answers.types';
import type { LessonDocument, Slide } from '../../lesson.types';

export type Way = 'blocks' | 'looked';

/** Puts a slide into the lesson in the way in which it came in; its place, its aims and what is said stay. */
export function putIn(document: LessonDocument, change: SlideChange): void {
  for (const part of document.parts) {
    const at = part.slides.findIndex((each) => each.id === change.slide.id);
    const now = part.slides[at];
    if (now) {
      part.slides[at] = { ...change.slide, aims: now.aims, side: now.side, ...stepsThatFit(now, change.slide) };
      document.media = { ...document.media, ...change.media };
    }
  }
}

/** Both ways have the same steps, unless some were taken away since. */
function stepsThatFit(now: Slide, next: Slide): Pick<Slide, 'steps'> {
  const known = new Set(now.steps.map((step) => step.id));
  return { steps: next.blocks.every((block) => known.has(block.step)) ? now.steps : next.steps };
}

/** How the lesson has a slide now; nothing where it is not in the lesson any more. */
export function wayOf(document: LessonDocument, looked: Slide): Way | null {
  const slide = document.parts.flatMap((part) => part.slides).find((each) => each.id === looked.id);
  if (!slide) return null;
  const page = looked.blocks[0]?.id;
  return slide.blocks.some((block) => block.id === page) ? 'looked' : 'blocks';
}
