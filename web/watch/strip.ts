import type { WatchedLesson } from '../answers.types';
import type { StripPart } from '../stage/Strip';

/** The lesson as time: its slides with their side slides, part by part. */
export function stripOf(lesson: WatchedLesson): StripPart[] {
  const parts: StripPart[] = [];
  for (const chapter of lesson.chapters) {
    const last = parts[parts.length - 1];
    const waits = lesson.pauses.filter((pause) => pause.slide === chapter.slide);
    const seconds = (some: typeof waits) => some.reduce((sum, pause) => sum + pause.seconds, 0);
    const slide = {
      id: chapter.slide,
      title: chapter.title,
      // A clip is watched; at a pause point there is something to do.
      planned: (chapter.until - chapter.at) / 1000 + seconds(waits.filter((pause) => pause.clip)),
      work: seconds(waits.filter((pause) => !pause.clip)),
    };
    const lamps = sideSlidesOf(lesson, chapter.slide).map((id) => ({
      id,
      title: lesson.slides[id]?.title ?? '',
      side: true,
      planned: 0,
      work: 0,
    }));
    if (last?.kind === chapter.part) last.slides.push(slide, ...lamps);
    else parts.push({ id: chapter.slide, kind: chapter.part, slides: [slide, ...lamps] });
  }
  return parts;
}

/** Where a moment of the lesson is: in which slide, and how far through it. */
export function placeOf(lesson: WatchedLesson, at: number): { slide: string; share: number } | undefined {
  const chapter = lesson.chapters.find((each) => at < each.until) ?? lesson.chapters[lesson.chapters.length - 1];
  return (
    chapter && {
      slide: chapter.slide,
      share: Math.min(1, Math.max(0, (at - chapter.at) / Math.max(1, chapter.until - chapter.at))),
    }
  );
}

/** The side slides that a slide of the lesson leads to. */
function sideSlidesOf(lesson: WatchedLesson, slide: string): string[] {
  return [...new Set(lesson.slides[slide]?.links?.map((link) => link.slide))];
}
