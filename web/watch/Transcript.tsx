import { Fragment, useState } from 'react';
import type { GivenAnswer, WatchedLesson } from '../answers.types';
import { shownSlides } from '../tracks/shown';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';

interface TranscriptProps {
  lesson: WatchedLesson;
  at: number;
  answers: Record<string, GivenAnswer>;
  onSeek: (at: number) => void;
}

/** What is said and shown, as text, as far as the next question that has not been tried: each line leads to its moment. */
export function Transcript({ lesson, at, answers, onSeek }: TranscriptProps) {
  const [sought, setSought] = useState('');
  const open = lesson.pauses.find((pause) => pause.question && !answers[pause.block]);
  const end = open?.at ?? lesson.length;
  const wanted = sought.trim().toLowerCase();
  const chapters = lesson.chapters
    .filter((chapter) => chapter.at < end)
    .map((chapter) => {
      const until = Math.min(chapter.until, end) - 1;
      const lines = lesson.captions.filter(({ from }) => from >= chapter.at - 1 && from < until);
      return { ...chapter, seen: seen(lesson, chapter.slide, until), lines };
    });
  const found = (text: string) => wanted !== '' && text.toLowerCase().includes(wanted);
  const shown = chapters.filter(
    ({ title, seen: words, lines }) =>
      wanted === '' || found(title) || found(words) || lines.some((line) => found(line.text)),
  );
  return (
    <details className="printed mt-6 border-t border-rule pt-3">
      <summary className="min-h-10 cursor-pointer py-2 text-lg text-action">Read the lesson</summary>
      <div className="unprinted flex flex-wrap items-end gap-3">
        <div className="min-w-40 grow">
          <TextField
            label="Find a word"
            type="search"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </div>
        <Button className="min-h-11!" onClick={() => window.print()}>
          Print it
        </Button>
      </div>
      <h2 className="hidden print:block">{lesson.title}</h2>
      {shown.length === 0 && <p className="mt-3">Nothing that has been said or shown so far has this word in it.</p>}
      {shown.map((chapter) => (
        <section key={chapter.slide} lang={lesson.language} className="mt-3">
          <h3 className="text-base">{chapter.title}</h3>
          <p className={`text-small text-quiet ${found(chapter.seen) ? 'bg-first-light' : ''}`}>{chapter.seen}</p>
          <p>
            {chapter.lines.map((caption) => (
              <SpokenLine key={caption.from} caption={caption} at={at} isFound={found(caption.text)} onSeek={onSeek} />
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
  /** Whether the word that is sought is in it. */
  isFound: boolean;
  onSeek: (at: number) => void;
}

/** A line that leads to its moment, and each of its words to its own, where that is known; the word being spoken is marked. */
function SpokenLine({ caption, at, isFound, onSeek }: SpokenLineProps) {
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
      data-found={isFound || undefined}
      className={`mr-1 rounded-sm text-left data-found:bg-first-light data-found:underline ${isNow ? 'bg-noon-ground' : ''}`}
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
