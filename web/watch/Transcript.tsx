import type { WatchedLesson } from './lesson';

interface TranscriptProps {
  lesson: WatchedLesson;
  at: number;
  onSeek: (at: number) => void;
}

/** Everything that is said and shown, as text: each line leads to its moment. */
export function Transcript({ lesson, at, onSeek }: TranscriptProps) {
  return (
    <details className="mt-6 border-t border-rule pt-3">
      <summary className="min-h-10 cursor-pointer py-2 text-lg text-action">Read the lesson</summary>
      {lesson.chapters.map((chapter) => (
        <section key={chapter.slide} className="mt-3">
          <h3 className="text-base">{chapter.title}</h3>
          {lesson.slides[chapter.slide]?.description && (
            <p className="text-[15px] text-quiet">{lesson.slides[chapter.slide]?.description}</p>
          )}
          <p>
            {lesson.captions
              .filter((caption) => caption.from >= chapter.at - 1 && caption.from < chapter.until - 1)
              .map((caption) => (
                <button
                  key={caption.from}
                  type="button"
                  onClick={() => onSeek(caption.from)}
                  className={`mr-1 rounded-sm text-left hover:underline ${caption.from <= at && at < caption.to ? 'bg-[#fff6c9]' : ''}`}
                >
                  {caption.text.replace('\n', ' ')}
                </button>
              ))}
          </p>
        </section>
      ))}
    </details>
  );
}
