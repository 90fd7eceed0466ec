import { memo } from 'react';
import { RATE, type Take } from '../lesson/takes';
import { Departure } from './Departure';
import { isIn, meets, type Range } from './ranges';

export type Word = Take['words'][number];

interface SlideWordsProps {
  take: Take;
  /** Number of its first word in the whole text. */
  first: number;
  /** Number of the word of the whole text that the keyboard is at; −1 where that is on another slide. */
  at: number;
  marked: Range[];
  onMark: (number: number, isFurther: boolean) => void;
  onCut: (take: Take, range: Range) => void;
  onPutBack: (take: Take, range: Range) => void;
  onKeep: (take: Take, from: number) => void;
  onListen: (take: Take, range: Range) => void;
}

/** The words of a take with its silences, and what departs from the script standing where it was said. */
export const SlideWords = memo(function SlideWords({ take, first, at, marked, onMark, ...does }: SlideWordsProps) {
  return (
    <p className="text-lg leading-8">
      {take.wordsAwaited && (
        <span className="block text-small text-quiet">Where each word is said is still being found.</span>
      )}
      {take.words.map((word, index) => {
        const isMarked = marked.some((range) => meets(range, word));
        const isCut = isIn(take.cuts, word);
        const mark = {
          'data-word': first + index,
          tabIndex: at === first + index ? 0 : -1,
          'aria-pressed': isMarked,
          onClick: (event: { shiftKey: boolean }) => onMark(first + index, event.shiftKey),
        };
        if (word.departure)
          return (
            <Departure key={index} take={take} word={word} mark={mark} isMarked={isMarked} isCut={isCut} {...does} />
          );
        return (
          <button
            key={index}
            type="button"
            {...mark}
            aria-label={word.isSilence ? `${lasting(word)} of silence` : undefined}
            className={`rounded-sm px-1 text-lg leading-7 ${isMarked ? 'bg-action text-white' : isCut ? 'text-quiet line-through' : word.isSilence ? 'text-quiet' : ''}`}
          >
            {word.isSilence ? `· ${lasting(word)} ·` : word.text}
          </button>
        );
      })}
    </p>
  );
});

export function lasting({ from, to }: Range): string {
  return `${((to - from) / RATE).toFixed(1)} s`;
}
