import type { ComponentType } from 'react';
import type { AskedQuestion } from '../../stage/programme';
import type { AnsweringProps } from './Answering';
import { ChooseOne } from './ChooseOne';
import { FillPlan } from './FillPlan';
import { GiveLetters } from './GiveLetters';
import { MarkEvidence } from './MarkEvidence';
import { NameParts } from './NameParts';
import { PractiseAtLevel } from './PractiseAtLevel';
import { PutInOrder } from './PutInOrder';
import { SortThings } from './SortThings';
import { TrueOrFalse } from './TrueOrFalse';
import { Written } from './Written';

type Answerings = {
  [Type in AskedQuestion['type']]: ComponentType<AnsweringProps<Extract<AskedQuestion, { type: Type }>>>;
};

/** How each kind of question is answered: one line each. */
const ANSWERINGS: Answerings = {
  choice: ChooseOne,
  number: Written,
  reading: Written,
  text: Written,
  sort: SortThings,
  order: PutInOrder,
  label: NameParts,
  letters: GiveLetters,
  truth: TrueOrFalse,
  highlight: MarkEvidence,
  plan: FillPlan,
  practice: PractiseAtLevel,
};

export function answeringOf(question: AskedQuestion): ComponentType<AnsweringProps> {
  return ANSWERINGS[question.type] as ComponentType<AnsweringProps>;
}
