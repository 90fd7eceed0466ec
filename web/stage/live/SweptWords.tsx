import { type KeyboardEvent, useRef, useState } from 'react';
import { Menu, MenuEntry } from '../../ui/Menu';
import type { Page } from '../page';
import { swept } from './changes';
import { phrase } from './phrase';
import { placed } from './placed';
import type { BlockHandle, Live } from './useLive';

/** Words that are marked from the first to the last, by hand or with arrow keys; then a menu asks what becomes of them. */
export function SweptWords({ handle, live, page }: { handle: BlockHandle; live: Live; page: Page }) {
  const [from, setFrom] = useState<number | null>(null);
  const [to, setTo] = useState(0);
  const [isOpen, setOpen] = useState(false);
  const buttons = useRef<(HTMLButtonElement | null)[]>([]);
  const words = handle.targets.map((target) => target.label);
  const [first, last] = from === null ? [-1, -1] : [Math.min(from, to), Math.max(from, to)];
  const marked = handle.targets.slice(Math.max(0, first), last + 1).flatMap(({ box }) => box ?? []);
  const done = () => {
    setOpen(false);
    setFrom(null);
  };
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by !== undefined) {
      const next = Math.max(0, Math.min(words.length - 1, to + by));
      setTo(next);
      if (!event.shiftKey || from === null) setFrom(next);
      buttons.current[next]?.focus();
    } else if (event.key === 'Enter' || event.key === ' ') {
      if (from === null) setFrom(to);
      setOpen(true);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const at = marked[0];
  return (
    <fieldset
      className="contents"
      onPointerUp={() => from !== null && setOpen(true)}
      onPointerCancel={done}
      onKeyDown={isOpen ? undefined : keys}
    >
      <legend className="sr-only">{handle.label}</legend>
      {handle.targets.map(({ label, box }, number) => {
        if (!box) return null;
        const isMarked = number >= first && number <= last;
        return (
          <button
            key={number}
            ref={(button) => {
              buttons.current[number] = button;
            }}
            type="button"
            tabIndex={number === to ? 0 : -1}
            aria-label={label}
            aria-pressed={isMarked}
            className={`absolute touch-none rounded-sm ${isMarked ? 'bg-action/25' : 'hover:bg-action/10'}`}
            style={placed(box, page)}
            onFocus={() => from === null && setTo(number)}
            onPointerDown={(event) => {
              event.currentTarget.releasePointerCapture(event.pointerId);
              setFrom(number);
              setTo(number);
            }}
            onPointerEnter={(event) => from !== null && !isOpen && event.buttons > 0 && setTo(number)}
          />
        );
      })}
      {isOpen && at && (
        <Menu
          open
          onOpenChange={(open) => !open && done()}
          button={
            <button
              type="button"
              aria-label={`“${phrase(words, first, last)}”`}
              className="pointer-events-none absolute"
              style={placed(at, page)}
            />
          }
        >
          {handle.options.map((option) => (
            <MenuEntry
              key={option.label}
              onSelect={() => live.act(handle.block, swept(option.change, phrase(words, first, last)))}
            >
              {option.label}
            </MenuEntry>
          ))}
        </Menu>
      )}
    </fieldset>
  );
}
