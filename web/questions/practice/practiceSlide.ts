import type { Slide } from '../../lesson.types';
import { newId } from '../../rooms/lesson/desk';
import { freshSeed } from './PracticeForm';
import type { PracticeSource } from './PracticeSets';

/** A slide in Your turn with a practice set at three levels, made from a figure or a worked example. */
export function fillPracticeSlide(slide: Slide, from: PracticeSource): void {
  const asked = slide.steps[0]?.id ?? '';
  const answer = newId('step');
  slide.title = 'Practice';
  slide.steps = [
    { id: asked, script: 'Choose your level and work through its questions. Stop the lesson and try.', pause: 0 },
    { id: answer, script: 'Compare your answers with these.', pause: 0 },
  ];
  slide.blocks.push({
    id: newId('block'),
    kind: 'question',
    region: 'main',
    step: asked,
    reveals: { answer },
    content: {
      type: 'practice',
      prompt: 'Practise at your level.',
      marks: 3,
      stops: true,
      ...structuredClone(from),
      seed: freshSeed(),
      count: 3,
    },
  });
}
