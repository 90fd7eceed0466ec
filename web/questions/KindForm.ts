import type { ComponentType } from 'react';
import type { ContentOf } from '../blocks/BlockForm';

export type QuestionContent = ContentOf<'question'>;

export interface KindFormProps {
  content: QuestionContent;
  set: (change: Partial<QuestionContent>) => void;
}

export type KindForm = ComponentType<KindFormProps>;
