import { Fragment } from 'react';
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
                  <SpokenLine key={caption.from} caption={caption} at={at} onSeek={onSeek} />
                ))}
            </p>
          </section>
        ))}
      {open && <p className="mt-3 text-quiet">The next lines come when you have tried the question: {open.prompt}</p>}
    </details>
  );
}

interface SpokenLineProps {
  caption: WatchedLesson['captions'][number];
  at: number;
  onSeek: (at: number) => void;
}

/** A line that leads to its moment, and each of its words to its own, where that is known; the word being spoken is marked. */
function SpokenLine({ caption, at, onSeek }: SpokenLineProps) {
  const isNow = caption.from <= at && at < caption.to;
  const words = caption.text.split(/\s+/);
  const begins = caption.words?.length === words.length ? caption.words : [];
  const spoken = isNow ? begins.filter((each) => each <= at).length - 1 : -1;
  return (
    <button
      type="button"
      onClick={(event) => {
        const word = event.target instanceof HTMLElement ? event.target.dataset.begins : undefined;
        onSeek(word === undefined ? caption.from : Number(word));
      }}
      className={`mr-1 rounded-sm text-left ${isNow ? 'bg-noon-ground' : ''}`}
    >
      {words.map((word, number) => (
        <Fragment key={number}>
          <span
            data-begins={begins[number]}
            data-spoken={number === spoken || undefined}
            className="rounded-sm hover:underline data-spoken:bg-action data-spoken:text-white"
          >
            {word}
          </span>{' '}
        </Fragment>
      ))}
    </button>
  );
}

/** What can be seen of a slide by a moment, in words. */
function seen(lesson: WatchedLesson, slide: string, by: number): string {
  const shown = shownSlides(lesson.tracks).filter((each) => each.slide === slide && each.from <= by);
  return lesson.slides[slide]?.descriptions[Math.max(0, ...shown.map((each) => each.step))] ?? '';
}
