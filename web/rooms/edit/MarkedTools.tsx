import { useState } from 'react';
import { clock } from '../../clock';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { RATE, type Take } from '../lesson/takes';
import { isIn, joined, meets, type Range, type TakeRange } from './ranges';
import type { Editing } from './useEditing';
import type { Listening } from './useListening';

/** Letters that can be typed at once. */
const MOST = 500;

interface MarkedToolsProps {
  marked: TakeRange[];
  /** Whether it is not known yet where the words of it were said. */
  isAwaited: boolean;
  takes: Take[];
  editing: Editing;
  listening: Listening;
  /** Records what is marked once more. */
  onSayAgain: () => void;
  onDone: () => void;
}

/** What can be done with the marked words, wherever they are in the lesson. */
export function MarkedTools({ marked, isAwaited, takes, editing, listening, onSayAgain, onDone }: MarkedToolsProps) {
  const [typing, setTyping] = useState<Typing | null>(null);
  const seconds = marked.reduce((sum, range) => sum + range.to - range.from, 0) / RATE;
  const only = marked.length === 1 ? marked[0] : undefined;
  const take = takes.find((each) => each.id === only?.take);
  const isCut = marked.every((range) => isIn(takes.find((each) => each.id === range.take)?.cuts ?? [], range));

  if (typing)
    return (
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          editing.edit(typed(typing));
          onDone();
        }}
      >
        <div className="min-w-60 grow">
          <TextField
            autoFocus
            label="What is said here; captions and the text to read show it"
            value={typing.text}
            maxLength={MOST}
            onChange={(event) => setTyping({ ...typing, text: event.target.value })}
          />
        </div>
        <Button type="submit" look="main">
          Use these words
        </Button>
        {typing.wasTyped && (
          <Button
            onClick={() => {
              editing.edit({ [typing.take.id]: { wordings: typing.others } });
              onDone();
            }}
          >
            Back to the script
          </Button>
        )}
        <Button look="quiet" onClick={() => setTyping(null)}>
          Leave it
        </Button>
      </form>
    );
  return (
    <div className="flex flex-wrap items-center gap-2">
      <span className="min-w-0 flex-1 text-small text-quiet" role="status">
        {marked.length > 0
          ? `Marked: ${seconds < 60 ? `${seconds.toFixed(1)} s` : clock(seconds)}${marked.length > 1 ? ` on ${marked.length} slides` : ''}${isAwaited ? '. It can be cut once its words are found.' : ''}`
          : 'Touch a word or a silence; with Shift, as far as another one, on any slide.'}
      </span>
      {marked.length > 0 && (
        <>
          <Button onClick={() => (listening.isPlaying ? listening.stop() : listening.play(marked))}>
            {listening.isPlaying ? 'Stop listening' : 'Listen to it'}
          </Button>
          {only && take && !isCut && !isAwaited && (
            <>
              <Button onClick={() => setTyping(typingAt(take, only))}>Type what is said</Button>
              <Button onClick={onSayAgain}>Say it again</Button>
            </>
          )}
          <Button
            look="main"
            disabled={isAwaited}
            onClick={() => {
              if (isCut) editing.putBack(marked);
              else editing.cut(marked);
              onDone();
            }}
          >
            {isCut ? 'Put it back' : 'Cut it out'}
          </Button>
        </>
      )}
      {editing.undo && (
        <Button look="quiet" onClick={editing.undo}>
          Undo the last edit
        </Button>
      )}
    </div>
  );
}

interface Typing {
  take: Take;
  range: Range;
  text: string;
  /** What is typed elsewhere in the take. */
  others: Take['wordings'];
  wasTyped: boolean;
}

/** Typing begins with the words that stand there; what was typed for some of them before is typed anew as a whole. */
function typingAt(take: Take, marked: Range): Typing {
  const mine = take.wordings.filter((each) => meets(each, marked));
  const range = joined([marked, ...mine])[0] ?? marked;
  const words = take.words.filter((word) => !word.isSilence && !word.departure && isIn([range], word));
  return {
    take,
    range: { from: Math.round(range.from), to: Math.round(range.to) },
    text: words.map((word) => word.text).join(' '),
    others: take.wordings.filter((each) => !mine.includes(each)),
    wasTyped: mine.length > 0,
  };
}

/** What was said beside the script and is typed is wanted. */
function typed({ take, range, text, others }: Typing) {
  const beside = take.words.filter((word) => word.departure && isIn([range], word)).map((word) => word.from);
  return {
    [take.id]: {
      wordings: [...others, { ...range, text: text.trim() }],
      kept: [...new Set([...take.kept, ...beside])],
    },
  };
}
