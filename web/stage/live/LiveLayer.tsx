import { type PointerEvent, useState } from 'react';
import { Menu, MenuEntry } from '../../ui/Menu';
import { type Page, WIDE } from '../page';
import { typed } from './changes';
import { placed } from './placed';
import { SweptWords } from './SweptWords';
import type { BlockHandle, Live } from './useLive';

/** What of a slide can be taken, chosen, marked or typed where it stands. */
export function LiveLayer({ live, page = WIDE }: { live: Live; page?: Page }) {
  return live.handles.map((handle) => {
    const key = `${handle.block} ${handle.name}`;
    if (!handle.box) return null;
    if (handle.way === 'sweep') return <SweptWords key={key} handle={handle} live={live} page={page} />;
    if (handle.way === 'type') return <Typed key={key} handle={handle} live={live} page={page} />;
    return <Taken key={key} handle={handle} live={live} page={page} />;
  });
}

interface WorkedProps {
  handle: BlockHandle;
  live: Live;
  page: Page;
}

/** Pixels after which a press is a drag. */
const FAR = 6;

/** A thing that is dragged to a place; pressed, it offers its places in words. */
function Taken({ handle, live, page }: WorkedProps) {
  const [from, setFrom] = useState<[number, number] | null>(null);
  const [by, setBy] = useState<[number, number] | null>(null);
  const [open, setOpen] = useState(false);
  const isDrag = handle.way === 'drag';
  if (!handle.box) return null;
  const letGo = (event: PointerEvent<HTMLButtonElement>) => {
    setFrom(null);
    setBy(null);
    if (!by) return;
    const stage = event.currentTarget.parentElement?.getBoundingClientRect();
    if (!stage) return;
    const x = ((event.clientX - stage.left) / stage.width) * page.width;
    const y = ((event.clientY - stage.top) / stage.height) * page.height;
    const target = handle.targets.find(
      ({ box }) => box && x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height,
    );
    if (target) live.act(handle.block, target.change);
  };
  return (
    <Menu
      open={open}
      onOpenChange={(next) => setOpen(next && !by)}
      button={
        <button
          type="button"
          aria-label={isDrag ? `Put ${handle.label}` : handle.label}
          className={`absolute touch-none rounded-md border-2 border-transparent hover:border-action focus-visible:border-action ${by ? 'z-10 cursor-grabbing border-action bg-sheet' : 'cursor-grab'}`}
          style={{ ...placed(handle.box, page), translate: by ? `${by[0]}px ${by[1]}px` : undefined }}
          onPointerDown={(event) => {
            event.preventDefault();
            event.currentTarget.focus();
            event.currentTarget.setPointerCapture(event.pointerId);
            setFrom([event.clientX, event.clientY]);
          }}
          onPointerMove={(event) => {
            if (!from || !isDrag) return;
            const moved: [number, number] = [event.clientX - from[0], event.clientY - from[1]];
            if (by || Math.hypot(...moved) > FAR) setBy(moved);
          }}
          onPointerUp={(event) => {
            if (from && !by) setOpen(true);
            letGo(event);
          }}
          onPointerCancel={() => {
            setFrom(null);
            setBy(null);
          }}
        >
          {by && <span className="block truncate px-1 text-ink">{handle.label}</span>}
        </button>
      }
    >
      {handle.targets.map((target) => (
        <MenuEntry key={target.label} onSelect={() => live.act(handle.block, target.change)}>
          {target.label}
        </MenuEntry>
      ))}
    </Menu>
  );
}

/** A text that is typed where it stands; it is done with Enter, or by going on elsewhere. */
function Typed({ handle, live, page }: WorkedProps) {
  const [text, setText] = useState<string | null>(null);
  if (!handle.box) return null;
  const done = () => {
    if (text !== null && text !== handle.value) live.act(handle.block, typed(handle, text));
    setText(null);
  };
  return (
    <input
      aria-label={handle.label}
      value={text ?? ''}
      maxLength={300}
      className={`absolute min-h-8 rounded border-2 px-1 text-base ${text === null ? 'cursor-text border-transparent bg-transparent text-transparent hover:border-action' : 'z-10 border-action bg-sheet'}`}
      style={placed(handle.box, page)}
      onFocus={(event) => {
        setText(handle.value);
        event.currentTarget.select();
      }}
      onChange={(event) => setText(event.target.value)}
      onBlur={done}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') {
          setText(null);
          event.currentTarget.blur();
        }
      }}
    />
  );
}
