import type { ComponentType } from 'react';
import type { BlockForm, BlockKind, ChooserProps } from './BlockForm';
import { ClipForm } from './clip/ClipForm';
import { sign as clip } from './clip/sign';
import { ComparisonForm } from './comparison/ComparisonForm';
import { sign as comparison } from './comparison/sign';
import { FigureChooser } from './figure/FigureChooser';
import { FigureForm } from './figure/FigureForm';
import { sign as figure } from './figure/sign';
import { sign as heading } from './heading/sign';
import { sign as instructions } from './instructions/sign';
import { LinkForm } from './link/LinkForm';
import { sign as link } from './link/sign';
import { PauseForm } from './pause/PauseForm';
import { sign as pause } from './pause/sign';
import { PictureForm } from './picture/PictureForm';
import { sign as picture } from './picture/sign';
import { QuestionForm } from './question/QuestionForm';
import { sign as question } from './question/sign';
import { sign as quotation } from './quotation/sign';
import { sign as table } from './table/sign';
import { TableForm } from './table/TableForm';
import { sign as term } from './term/sign';
import { TermForm } from './term/TermForm';
import { sign as text } from './text/sign';
import { TextForm } from './text/TextForm';
import { sign as worked } from './worked/sign';
import { WorkedForm } from './worked/WorkedForm';

/** What of a kind cannot be said on the slide; some have nothing. */
export const FORMS: { [Kind in BlockKind]?: BlockForm<Kind> } = {
  text: TextForm,
  term: TermForm,
  picture: PictureForm,
  comparison: ComparisonForm,
  clip: ClipForm,
  figure: FigureForm,
  worked: WorkedForm,
  question: QuestionForm,
  pause: PauseForm,
  table: TableForm,
  link: LinkForm,
};

/** The kinds of which there are many: what they are chosen with. */
export const CHOOSERS: { [Kind in BlockKind]?: ComponentType<ChooserProps<Kind>> } = {
  figure: FigureChooser,
};

/** What each kind is known by, as the path of a drawing. */
export const SIGNS: Record<BlockKind, string> = {
  heading,
  text,
  quotation,
  term,
  picture,
  comparison,
  clip,
  figure,
  worked,
  question,
  pause,
  instructions,
  table,
  link,
};
