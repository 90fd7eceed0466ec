import type { PracticeItem } from '../../answers.types';
import { newId } from '../../rooms/lesson/desk';
import type { ContentOf } from '../BlockForm';

/** The item as a question: to type a number, or to choose among the answer and those that common slips give. */
export function questionOf(item: PracticeItem, asChoice: boolean): ContentOf<'question'> {
  if (!asChoice && item.unit !== null) {
    const slips = item.slips.map((slip) => ({
      id: newId('slip'),
      value: slip.value,
      unit: slip.unit ?? '',
      why: slip.why,
    }));
    const { prompt, value, unit, tolerance } = item;
    return { type: 'number', prompt, marks: 2, value, unit, tolerance, slips, stops: true };
  }
  const choices = [
    { id: newId('choice'), text: item.answer, right: true },
    ...item.slips.slice(0, 4).map((slip) => ({ id: newId('choice'), text: slip.answer, right: false, slip: slip.why })),
  ];
  // Numbers are easier to compare in order of size, and the order gives nothing away.
  choices.sort((one, other) => one.text.localeCompare(other.text, 'en', { numeric: true }));
  return { type: 'choice', prompt: item.prompt, marks: 1, stops: true, choices };
}
