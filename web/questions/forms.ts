import { newId } from '../rooms/lesson/desk';
import { ChoiceForm } from './choice/ChoiceForm';
import { HighlightForm } from './highlight/HighlightForm';
import type { KindForm, QuestionContent } from './KindForm';
import { LabelForm } from './label/LabelForm';
import { LettersForm } from './letters/LettersForm';
import { NumberForm } from './number/NumberForm';
import { OrderForm } from './order/OrderForm';
import { PlanForm } from './plan/PlanForm';
import { PracticeForm } from './practice/PracticeForm';
import { ReadingForm } from './reading/ReadingForm';
import { SortForm } from './sort/SortForm';
import { TasksForm } from './tasks/TasksForm';
import { WordsForm } from './text/WordsForm';
import { TruthForm } from './truth/TruthForm';

interface QuestionKind {
  label: string;
  form: KindForm;
  /** What a new one begins with. */
  blank?: () => Partial<QuestionContent>;
}

/** The kinds of question and their forms: one line each. */
export const QUESTION_KINDS: Record<QuestionContent['type'], QuestionKind> = {
  choice: { label: 'Choose one answer', form: ChoiceForm, blank: () => ({ choices: [choice(true), choice(false)] }) },
  number: { label: 'Type a number with its unit', form: NumberForm },
  reading: { label: 'Read a scale', form: ReadingForm },
  text: { label: 'Answer in words', form: WordsForm },
  spoken: { label: 'Say it aloud, recorded', form: WordsForm },
  drawn: { label: 'Draw it, or take a photo of paper', form: WordsForm },
  tasks: { label: 'Choose one of several tasks', form: TasksForm, blank: () => ({ tasks: [task(), task()] }) },
  sort: { label: 'Sort into groups', form: SortForm, blank: () => ({ groups: [group(), group()], items: [] }) },
  order: { label: 'Put in order', form: OrderForm, blank: () => ({ items: [] }) },
  label: { label: 'Name the parts of a picture', form: LabelForm, blank: () => ({ points: [], bank: true }) },
  letters: { label: 'Give rhyming lines their letters', form: LettersForm, blank: () => ({ lines: [] }) },
  truth: {
    label: 'True or false, with a counterexample',
    form: TruthForm,
    blank: () => ({ isTrue: false, letter: 'n' }),
  },
  highlight: { label: 'Mark the evidence', form: HighlightForm, blank: () => ({ evidence: [] }) },
  practice: { label: 'A practice set at three levels', form: PracticeForm, blank: () => ({ count: 3, seed: 1 }) },
  plan: { label: 'Fill in a plan', form: PlanForm, blank: () => ({ boxes: [] }) },
};

function choice(right: boolean) {
  return { id: newId('choice'), text: '', right };
}

function group() {
  return { id: newId('group'), name: '' };
}

function task() {
  return { id: newId('task'), text: '' };
}
