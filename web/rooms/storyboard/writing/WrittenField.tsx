import {
  type ClipboardEvent,
  type KeyboardEvent,
  type RefObject,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
} from 'react';
import type { TextField } from '../../../answers.types';
import { fieldId } from './fields';
import { WritingHistory } from './history';
import type { Marked } from './keys';
import { pastedCells, pastedLines } from './pasted';
import { typeOf, units } from './typeset';
import { useHiddenDrawing } from './useHiddenDrawing';

/** Signs of typesetting take room while they are typed, and their lines break elsewhere. */
const MARKED = /[*`]|^- /m;

interface WrittenFieldProps {
  slide: string;
  svg: string;
  typeface: string;
  field: TextField;
  text: string;
  /** What is to be typed here is said while nothing is. */
  saysWhat: boolean;
  slideBox: RefObject<HTMLElement | null>;
  onText: (text: string) => void;
  /** @returns whether the key has done its work */
  onKey: (key: string, marked: Marked) => boolean;
  /** Lines that were pasted; what is not taken up is typed as one. */
  onLines: (lines: string[], marked: Marked) => boolean;
  onCells: (cells: string[][]) => boolean;
  onUndo: () => void;
  onRedo: () => void;
  onNewSlide: () => void;
  onEnter: () => void;
  onLeave: () => void;
}

/** A text of a slide, typed where it stands, in the type in which it will be seen. */
export function WrittenField(props: WrittenFieldProps) {
  const { slide, svg, typeface, field, text, saysWhat, slideBox, onText } = props;
  const box = useRef<HTMLTextAreaElement>(null);
  const [hasFocus, setFocus] = useState(false);
  const [history] = useState(() => new WritingHistory(text));
  const seen = useTextSeen(field, text);
  useHiddenDrawing(hasFocus, box, slideBox, field.block, svg);
  useEffect(() => history.replaced(text), [history, text]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the height follows from the text and its type
  useLayoutEffect(() => {
    if (!box.current) return;
    box.current.style.height = 'auto';
    box.current.style.height = `${box.current.scrollHeight}px`;
  }, [text, field]);

  const write = (next: string) => {
    history.typed(next);
    onText(next);
  };
  const takeBack = (key: KeyboardEvent) => {
    const isRedo = key.shiftKey || key.key.toLowerCase() === 'y';
    const before = isRedo ? history.redo() : history.undo();
    if (before !== undefined) onText(before);
    else if (isRedo) props.onRedo();
    else props.onUndo();
  };
  const press = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    if (event.nativeEvent.isComposing) return;
    const { key, currentTarget } = event;
    if ((event.ctrlKey || event.metaKey) && /^[zy]$/i.test(key)) {
      event.preventDefault();
      return takeBack(event);
    }
    if ((event.ctrlKey || event.metaKey) && key === 'Enter') {
      event.preventDefault();
      return props.onNewSlide();
    }
    if (event.altKey && /^Arrow(Up|Down)$/.test(key)) {
      if (props.onKey(`Alt+${key}`, markedIn(currentTarget))) event.preventDefault();
      return;
    }
    if (event.shiftKey || event.ctrlKey || event.metaKey || event.altKey) return;
    if (key === 'ArrowUp' || key === 'ArrowDown') return stepOut(currentTarget, key, props.onKey);
    if (key === 'Escape') {
      event.preventDefault();
      return props.onLeave();
    }
    if (props.onKey(key, markedIn(currentTarget))) event.preventDefault();
  };
  const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
    if (event.clipboardData.files.length > 0) return;
    event.preventDefault();
    const marked = markedIn(event.currentTarget);
    const cells = pastedCells(event.clipboardData);
    if (cells && props.onCells(cells)) return;
    const lines = pastedLines(event.clipboardData);
    if (lines.length === 0 || props.onLines(lines, marked)) return;
    const pasted = lines.join(field.hasParagraphs ? '\n' : ' ');
    write(text.slice(0, marked.from) + pasted + text.slice(marked.to));
    putCursor(event.currentTarget, marked.from + pasted.length);
  };
  const isEmpty = text === '';
  // A cell is seen by its lines; its place in the table is read out, not written into it.
  const isCell = Array.isArray(field.repetition?.blank);
  const isAsSeen = seen === text && !MARKED.test(text);
  const style = typeOf(field, typeface, isAsSeen ? field.measure + 2 : field.box[2]);
  return (
    <textarea
      ref={box}
      id={fieldId(slide, field.block, field.path)}
      aria-label={field.label}
      placeholder={saysWhat && !isCell ? field.label : undefined}
      rows={1}
      value={shown(text)}
      onChange={(event) => write(typed(event.target.value))}
      onKeyDown={press}
      onPaste={paste}
      onFocus={() => {
        setFocus(true);
        props.onEnter();
      }}
      onBlur={() => setFocus(false)}
      className={`absolute z-10 m-0 block resize-none overflow-hidden border-0 bg-transparent p-0 placeholder:text-current placeholder:opacity-70 focus-visible:outline-none ${hasFocus || (isEmpty && saysWhat) ? '' : 'opacity-0'}`}
      style={{ ...style, height: units(field.box[3]) }}
    />
  );
}

/** The text that the picture shows: lines that are as it has them break where it breaks them. */
function useTextSeen(field: TextField, text: string): string {
  const seen = useRef({ field, text });
  if (seen.current.field !== field) seen.current = { field, text };
  return seen.current.text;
}

/** Points of a list have their dot while they are typed, too; it is as long as the sign that stands for it. */
function shown(text: string): string {
  return text.replace(/^- /gm, '• ');
}

function typed(text: string): string {
  return text.replace(/^• /gm, '- ');
}

function markedIn(box: HTMLTextAreaElement): Marked {
  return { text: typed(box.value), from: box.selectionStart, to: box.selectionEnd };
}

/** The browser moves the cursor by a line; where it cannot, there is no line more in this text. */
function stepOut(box: HTMLTextAreaElement, key: string, onKey: WrittenFieldProps['onKey']): void {
  const before = box.selectionStart;
  requestAnimationFrame(() => {
    if (box.selectionStart === before) onKey(key, markedIn(box));
  });
}

function putCursor(box: HTMLTextAreaElement, at: number): void {
  requestAnimationFrame(() => box.setSelectionRange(at, at));
}
