import type { LessonDocument, PictureMedium } from '../../lesson.types';

/** A picture of the lesson; nothing where there is none of this id. */
export function pictureIn(document: LessonDocument, id: string | null | undefined): PictureMedium | undefined {
  const found = id ? document.media[id] : undefined;
  return found && 'width' in found ? found : undefined;
}
