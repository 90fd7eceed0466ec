import type { ComponentType } from 'react';
import type { BlockForm, BlockKind, ChooserProps } from './BlockForm';
import { FigureChooser } from './figure/FigureChooser';
import { FigureForm } from './figure/FigureForm';
import { HeadingForm } from './heading/HeadingForm';
import { InstructionsForm } from './instructions/InstructionsForm';
import { PauseForm } from './pause/PauseForm';
import { PictureForm } from './picture/PictureForm';
import { QuestionForm } from './question/QuestionForm';
import { QuotationForm } from './quotation/QuotationForm';
import { TermForm } from './term/TermForm';
import { TextForm } from './text/TextForm';
import { WorkedForm } from './worked/WorkedForm';

/** The kinds of block and their forms: one line each. */
export const FORMS: { [Kind in BlockKind]: BlockForm<Kind> } = {
  heading: HeadingForm,
  text: TextForm,
  quotation: QuotationForm,
  term: TermForm,
  picture: PictureForm,
  figure: FigureForm,
  worked: WorkedForm,
  question: QuestionForm,
  pause: PauseForm,
  instructions: InstructionsForm,
};

/** The kinds of which there are many: what they are chosen with. */
export const CHOOSERS: { [Kind in BlockKind]?: ComponentType<ChooserProps<Kind>> } = {
  figure: FigureChooser,
};
