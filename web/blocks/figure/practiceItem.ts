import { newId } from '../../rooms/lesson/desk';
import type { ContentOf } from '../BlockForm';

/** One practice item as the server makes it from a figure. */
export interface PracticeItem {
  quantities: Record<string, unknown>;
  prompt: string;
  /** The answer as it is written. */
  answer: string;
  /** The number of the answer, or its words. */
  value: string;
  /** Null when the answer is words. */
  unit: string | null;
  /** How far a typed number may be off; empty for not at all. */
  tolerance: string;
  slips: { answer: string; value: string; unit: string | null; why: string }[];
}

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
