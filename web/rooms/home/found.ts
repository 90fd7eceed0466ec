import type { HomeAnswer, LessonCard } from '../../answers.types';

/** Lessons of which the title, the series or the titles of the slides have every word that is looked for, or its beginning. */
export function found(lessons: LessonCard[], series: HomeAnswer['series'], wanted: string): LessonCard[] {
  const words = folded(wanted).split(/\s+/).filter(Boolean);
  const titles = new Map(series.map((each) => [each.id, each.title]));
  return lessons.filter((lesson) => {
    const slides = lesson.strip.flatMap((part) => part.slides.map((slide) => slide.title));
    const text = ` ${folded([lesson.title, titles.get(lesson.series ?? '') ?? '', ...slides].join(' '))}`;
    return words.every((word) => text.includes(` ${word}`));
  });
}

/** Without capitals, accents and signs. */
function folded(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
}
