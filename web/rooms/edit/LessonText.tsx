import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react';
import type { Slide } from '../../lesson.types';
import { Stage } from '../../stage/Stage';
import { useDesk } from '../lesson/desk';
import type { Take } from '../lesson/takes';
import type { TakeRange } from './ranges';
import { SlideWords } from './SlideWords';
import type { Editing } from './useEditing';
import type { Listening } from './useListening';

export interface TextSlide {
  slide: Slide;
  /** The take that is edited; none where nothing is recorded. */
  take: Take | undefined;
}

interface LessonTextProps {
  slides: TextSlide[];
  marked: TakeRange[];
  onMark: (marked: TakeRange[]) => void;
  editing: Editing;
  listening: Listening;
}

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowLeft: -1 };

/** The words of the whole lesson as one text, its slides in the margin: marked with a pointer or with the arrow keys and Shift. */
export function LessonText({ slides, marked, onMark, editing, listening }: LessonTextProps) {
  const desk = useDesk();
  const text = useRef<HTMLDivElement>(null);
  const sections = useRef(new Map<string, HTMLElement>());
  const [at, setAt] = useState(0);
  const [anchor, setAnchor] = useState(0);
  const words = useMemo(
    () => slides.flatMap(({ slide, take }) => (take?.words ?? []).map((word) => ({ slide: slide.id, take, word }))),
    [slides],
  );
  const mark = (number: number, isFurther: boolean) => {
    const from = isFurther ? anchor : number;
    if (!isFurther) setAnchor(number);
    setAt(number);
    const ranges: TakeRange[] = [];
    for (const { take, word } of words.slice(Math.min(from, number), Math.max(from, number) + 1)) {
      const last = ranges[ranges.length - 1];
      if (!take) continue;
      if (last?.take === take.id) last.to = Math.max(last.to, word.to);
      else ranges.push({ take: take.id, from: word.from, to: word.to });
    }
    // What was left out takes no time: nothing of it can be marked.
    onMark(ranges.filter((range) => range.from < range.to));
    const slide = words[number]?.slide;
    if (slide && !isFurther) desk.chooseSlide(slide);
  };
  const move = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    if (!step || !(event.target instanceof HTMLElement) || !event.target.dataset.word) return;
    const next = Math.max(0, Math.min(words.length - 1, at + step));
    event.preventDefault();
    event.stopPropagation();
    if (event.shiftKey) mark(next, true);
    else setAt(next);
    text.current?.querySelector<HTMLElement>(`[data-word="${next}"]`)?.focus();
  };
  const here = desk.slide?.id;
  const isThere = words.length > 0;
  useEffect(() => {
    const section = here ? sections.current.get(here) : undefined;
    if (!isThere || !section || !text.current) return;
    const top = section.offsetTop - text.current.offsetTop;
    const isSeen = top >= text.current.scrollTop && top < text.current.scrollTop + text.current.clientHeight - 60;
    const focused = document.activeElement;
    // Whoever marks words sees them already.
    if (!isSeen && !(focused && section.contains(focused))) text.current.scrollTop = top;
  }, [here, isThere]);

  let first = 0;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: arrow keys go from word to word, each of which is a button
    <div
      ref={text}
      onKeyDown={move}
      className="relative h-[max(18rem,calc(100dvh-29rem))] overflow-y-auto rounded border border-rule bg-sheet"
    >
      {slides.map(({ slide, take }, number) => {
        const starts = first;
        first += take?.words.length ?? 0;
        const own = take ? marked.filter((range) => range.take === take.id) : [];
        const scene = desk.scenes[slide.id];
        const title = slide.title || `Slide ${number + 1}`;
        return (
          <section
            key={slide.id}
            aria-label={title}
            ref={(element) => {
              if (element) sections.current.set(slide.id, element);
              else sections.current.delete(slide.id);
            }}
            className={`grid grid-cols-[8rem_minmax(0,1fr)] gap-4 border-b border-rule p-3 [content-visibility:auto] [contain-intrinsic-size:auto_7rem] ${slide.id === here ? 'bg-action-ground' : ''}`}
          >
            <button
              type="button"
              aria-current={slide.id === here ? 'true' : undefined}
              onClick={() => desk.chooseSlide(slide.id)}
              className="self-start rounded-sm text-left"
            >
              {scene && (
                <span aria-hidden="true" className="pointer-events-none block border border-rule">
                  <Stage
                    svg={scene.svg}
                    steps={slide.steps.map((step) => step.id)}
                    step={slide.steps.length - 1}
                    label=""
                    shows="all"
                  />
                </span>
              )}
              <span className="mt-1 block text-small leading-5">{title}</span>
            </button>
            {take ? (
              <SlideWords
                take={take}
                first={starts}
                at={at >= starts && at < first ? at : -1}
                marked={own}
                onMark={mark}
                onCut={(cut, range) => editing.cut([{ ...range, take: cut.id }])}
                onPutBack={(cut, range) => editing.putBack([{ ...range, take: cut.id }])}
                onKeep={editing.keep}
                onListen={(heard, range) => listening.play([{ ...range, take: heard.id }])}
              />
            ) : (
              <p className="text-quiet">Not recorded yet.</p>
            )}
          </section>
        );
      })}
    </div>
  );
}
