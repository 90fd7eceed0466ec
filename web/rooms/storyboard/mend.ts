import type { Finding } from '../../answers.types';
import type { LessonDocument } from '../../lesson.types';
import { findBlock, findSlide } from '../lesson/desk';
import { setValue } from './writing/paths';

/** What the ready check leads to, as edits of the document: each is one undo away. */

/** Puts the values of a remedy where they belong. */
export function mend(draft: LessonDocument, finding: Finding): void {
  for (const { slide, block, path, value } of finding.remedy?.changes ?? []) {
    const holder = slide === null ? draft : block === null ? findSlide(draft, slide) : findBlock(draft, slide, block);
    if (slide === null && path === 'materials/-') draft.materials ??= [];
    setValue(holder, path, structuredClone(value));
  }
}

export function setAside(draft: LessonDocument, finding: string, reason: string): void {
  draft.setAside = [...(draft.setAside ?? []).filter((each) => each.finding !== finding), { finding, reason }];
}

export function takeUpAgain(draft: LessonDocument, finding: string): void {
  draft.setAside = draft.setAside?.filter((each) => each.finding !== finding);
}
