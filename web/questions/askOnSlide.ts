import type { ContentOf } from '../blocks/BlockForm';
import type { Slide } from '../lesson.types';
import { newId } from '../rooms/lesson/desk';

interface Asked {
  title: string;
  /** What is said when it is asked, and when its answer is shown. */
  script: string;
  compare: string;
  content: ContentOf<'question'>;
}

/** Makes a fresh slide ask: on its first step the question, on its second the answer. Tells the ids of both steps. */
export function askOnSlide(slide: Slide, { title, script, compare, content }: Asked) {
  const asked = slide.steps[0]?.id ?? newId('step');
  const answer = newId('step');
  slide.title = title;
  slide.steps = [
    { id: asked, script: `${script} Stop the lesson and try.`, pause: 0 },
    { id: answer, script: compare, pause: 0 },
  ];
  slide.blocks.push({
    id: newId('block'),
    kind: 'question',
    region: 'main',
    step: asked,
    reveals: { answer },
    content,
  });
  return { asked, answer };
}
