import type { AskedQuestion } from '../stage/programme';

/** An answer in words where no server has read it: what was chosen or written; nothing for what was sorted, joined or filled in. */
export function readable(question: AskedQuestion | null, given: string): string {
  if (question?.file) return question.file === 'sound' ? 'a recording' : 'a picture';
  const choices = question && 'choices' in question && Array.isArray(question.choices) ? question.choices : [];
  const chosen = (choices as { id?: string; text?: string }[]).find((each) => each.id === given);
  if (chosen?.text) return chosen.text;
  return /^[[{]/.test(given) ? '' : given;
}
