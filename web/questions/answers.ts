import type { ComponentType } from 'react';
import type { AskedQuestion, QuestionType } from '../stage/programme';
import type { AnsweringProps } from './Answering';
import { ChooseOne } from './choice/ChooseOne';
import { DrawAnswer } from './drawn/DrawAnswer';
import { MarkEvidence } from './highlight/MarkEvidence';
import { NameParts } from './label/NameParts';
import { GiveLetters } from './letters/GiveLetters';
import { TypeNumber } from './number/TypeNumber';
import { PutInOrder } from './order/PutInOrder';
import { FillPlan } from './plan/FillPlan';
import { PractiseAtLevel } from './practice/PractiseAtLevel';
import { ReadScale } from './reading/ReadScale';
import { SortThings } from './sort/SortThings';
import { SpeakAnswer } from './spoken/SpeakAnswer';
import { FillCells } from './table/FillCells';
import { ChooseTask } from './tasks/ChooseTask';
import { WriteWords } from './text/WriteWords';
import { TrueOrFalse } from './truth/TrueOrFalse';

/** How each kind of question is answered: one line each. */
const ANSWERINGS: Record<QuestionType, ComponentType<AnsweringProps<never>>> = {
  choice: ChooseOne,
  number: TypeNumber,
  reading: ReadScale,
  text: WriteWords,
  sort: SortThings,
  order: PutInOrder,
  label: NameParts,
  letters: GiveLetters,
  truth: TrueOrFalse,
  highlight: MarkEvidence,
  plan: FillPlan,
  practice: PractiseAtLevel,
  table: FillCells,
  spoken: SpeakAnswer,
  drawn: DrawAnswer,
  tasks: ChooseTask,
};

export function answeringOf(question: AskedQuestion): ComponentType<AnsweringProps> {
  return ANSWERINGS[question.type] as ComponentType<AnsweringProps>;
}
