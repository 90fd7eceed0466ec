import type { GivenAnswer, WatchedLesson } from '../answers.types';
import { shownSlides } from '../tracks/shown';

interface TranscriptProps {
  lesson: WatchedLesson;
  at: number;
  answers: Record<string, GivenAnswer>;
  onSeek: (at: number) => void;
}

/** What is said and shown, as text, as far as the next question that has not been tried: each line leads to its moment. */
export function Transcript({ lesson, at, answers, onSeek }: TranscriptProps) {
  const open = lesson.pauses.find((pause) => pause.question && !answers[pause.block]);
  const end = open?.at ?? lesson.length;
  return (
    <details className="mt-6 border-t border-rule pt-3">
      <summary className="min-h-10 cursor-pointer py-2 text-lg text-action">Read the lesson</summary>
      {lesson.chapters
        .filter((chapter) => chapter.at < end)
        .map((chapter) => (
          <section key={chapter.slide} className="mt-3">
            <h3 className="text-base">{chapter.title}</h3>
            <p className="text-small text-quiet">{seen(lesson, chapter.slide, Math.min(chapter.until, end) - 1)}</p>
            <p>
              {lesson.captions
                .filter((caption) => caption.from >= chapter.at - 1 && caption.from < Math.min(chapter.until, end) - 1)
                .map((caption) => (
                  <button
                    key={caption.from}
                    type="button"
                    onClick={() => onSeek(caption.from)}
                    className={`mr-1 rounded-sm text-left hover:underline ${caption.from <= at && at < caption.to ? 'bg-noon-ground' : ''}`}
                  >
                    {caption.text.replace('\n', ' ')}
                  </button>
                ))}
            </p>
          </section>
        ))}
      {open && <p className="mt-3 text-quiet">The next lines come when you have tried the question: {open.prompt}</p>}
    </details>
  );
}

/** What can be seen of a slide by a moment, in words. */
function seen(lesson: WatchedLesson, slide: string, by: number): string {
  const shown = shownSlides(lesson.tracks).filter((each) => each.slide === slide && each.from <= by);
  return lesson.slides[slide]?.descriptions[Math.max(0, ...shown.map((each) => each.step))] ?? '';
}
