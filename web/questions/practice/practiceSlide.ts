import type { Slide } from '../../lesson.types';
import { askOnSlide } from '../askOnSlide';
import { freshSeed } from './PracticeForm';
import type { PracticeSource } from './PracticeSets';

/** A slide in Your turn with a practice set at three levels, made from a figure or a worked example. */
export function fillPracticeSlide(slide: Slide, from: PracticeSource): void {
  askOnSlide(slide, {
    title: 'Practice',
    script: 'Choose your level and work through its questions.',
    compare: 'Compare your answers with these.',
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
