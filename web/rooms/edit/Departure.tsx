import type { ButtonHTMLAttributes } from 'react';
import { RATE, type Take } from '../lesson/takes';
import type { Range } from './ranges';
import { lasting, type Word } from './SlideWords';

const NAMES = { restarted: 'Begun again', added: 'Beside the script', skipped: 'Left out' };

/** Seconds before and after a place at which something was left out, to hear it by. */
const AROUND = 2;

interface DepartureProps {
  take: Take;
  word: Word;
  mark: ButtonHTMLAttributes<HTMLButtonElement>;
  isMarked: boolean;
  isCut: boolean;
  onCut: (take: Take, range: Range) => void;
  onPutBack: (take: Take, range: Range) => void;
  onKeep: (take: Take, from: number) => void;
  onListen: (take: Take, range: Range) => void;
}

/** What was said otherwise than the script has it, as what it is, and what can be done with it. */
export function Departure({ take, word, mark, isMarked, isCut, onCut, onPutBack, onKeep, onListen }: DepartureProps) {
  const isKept = take.kept.includes(word.from);
  const isSkipped = word.departure === 'skipped';
  const text = word.text === '' ? lasting(word) : `“${word.text}”`;
  const name = NAMES[word.departure ?? 'added'];
  const around = { from: Math.max(0, word.from - AROUND * RATE), to: Math.min(take.length, word.to + AROUND * RATE) };
  const isOpen = !isKept && !isCut;
  return (
    // biome-ignore lint/a11y/useSemanticElements: it stands within a line of text, where a fieldset cannot
    <span
      role="group"
      aria-label={`${name}: ${text}`}
      className={`mx-1 inline-flex flex-wrap items-center gap-x-1 rounded border px-1.5 align-middle leading-7 ${isOpen ? 'border-caution-edge bg-caution-ground' : 'border-rule'}`}
    >
      <button
        type="button"
        {...mark}
        className={`rounded-sm px-1 text-left ${isMarked ? 'bg-action text-white' : isCut ? 'text-quiet line-through' : ''}`}
      >
        <span className="text-small">{name}</span> <span>{text}</span>
      </button>
      {isOpen && !isSkipped && <Choice label="Cut" onClick={() => onCut(take, word)} />}
      {isOpen && <Choice label="Keep" onClick={() => onKeep(take, word.from)} />}
      {isCut && <Choice label="Put back" onClick={() => onPutBack(take, word)} />}
      <Choice label="Listen" onClick={() => onListen(take, isSkipped ? around : word)} />
    </span>
  );
}

function Choice({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button type="button" onClick={onClick} className="min-h-8 rounded px-1.5 text-small text-action hover:underline">
      {label}
    </button>
  );
}
