/** The words of a passage as buttons, some of them marked. */
export function PassageWords({
  passage,
  markOf,
  onWord,
}: {
  passage: string;
  /** The look of a word's mark; empty for none. */
  markOf: (word: number) => string;
  onWord: (word: number) => void;
}) {
  const words = passage.split(/\s+/).filter(Boolean);
  return (
    <p className="max-h-72 overflow-y-auto rounded border border-edge bg-sheet p-2 leading-8">
      {words.map((word, index) => (
        <button
          key={index}
          type="button"
          aria-pressed={markOf(index) !== ''}
          className={`rounded-sm border-b-4 px-0.5 ${markOf(index) || 'border-transparent hover:border-rule'}`}
          onClick={() => onWord(index)}
        >
          {word}
        </button>
      ))}
    </p>
  );
}
