import type { ComponentType } from 'react';
import type { Block } from '../lesson.types';

export type BlockKind = Block['kind'];
export type ContentOf<Kind extends BlockKind> = Extract<Block, { kind: Kind }>['content'];

/** What every form gets: the content, a way to change it, and the facts of the slide's figures. */
export interface FormProps<Kind extends BlockKind> {
  content: ContentOf<Kind>;
  onChange: (content: ContentOf<Kind>) => void;
  facts: Record<string, string>;
}

/** Of some kinds there are many to choose from before one is put on a slide. */
export interface ChooserProps<Kind extends BlockKind> {
  open: boolean;
  onClose: () => void;
  onChoose: (content: ContentOf<Kind>) => void;
}

export type BlockForm<Kind extends BlockKind> = ComponentType<FormProps<Kind>>;
