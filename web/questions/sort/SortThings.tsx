import { type DragEvent, useState } from 'react';
import type { AskedQuestion, Thing } from '../../stage/programme';
import { type AnsweringProps, readMap } from '../Answering';

const THING = 'flex min-h-11 items-center gap-2 rounded border px-3 py-1.5 text-left';

interface AskedSort extends AskedQuestion {
  groups: Thing[];
  items: (Thing & { picture?: string | null; shows?: string })[];
}

/** Things are dragged into groups; or one is touched, and then the group it belongs in. */
export function SortThings({ question, given, onWrite }: AnsweringProps<AskedSort>) {
  const [held, setHeld] = useState<string | null>(null);
  const places = readMap(given);
  const put = (item: string, group: string) => {
    onWrite(JSON.stringify({ ...places, [item]: group }));
    setHeld(null);
  };
  const takeBack = (item: string) => {
    const { [item]: _, ...rest } = places;
    onWrite(JSON.stringify(rest));
    setHeld(item);
  };
  const drop = (event: DragEvent, group: string) => {
    event.preventDefault();
    const item = event.dataTransfer.getData('text/plain');
    if (question.items.some((each) => each.id === item)) put(item, group);
  };
  const waiting = question.items.filter((item) => !places[item.id]);
  const heldText = question.items.find((item) => item.id === held)?.text;
  const thing = (item: (typeof question.items)[number], onTouch: () => void, isHeld: boolean) => (
    <button
      type="button"
      draggable
      aria-pressed={isHeld}
      onDragStart={(event) => event.dataTransfer.setData('text/plain', item.id)}
      onClick={onTouch}
      className={`${THING} ${isHeld ? 'border-action bg-action text-white' : 'border-edge bg-paper hover:border-action'}`}
    >
      {item.picture && <img src={item.picture} alt={item.text ? '' : (item.shows ?? '')} className="h-14 rounded-sm" />}
      {item.text}
    </button>
  );
  return (
    <div className="flex flex-col gap-3">
      <p role="status" className="text-small text-quiet">
        {held
          ? `Now touch the group for “${heldText}”.`
          : waiting.length > 0
            ? 'Touch a word, then its group.'
            : 'All are placed. Touch a word to move it.'}
      </p>
      {waiting.length > 0 && (
        <ul className="flex flex-wrap gap-2" aria-label="Still to place">
          {waiting.map((item) => (
            <li key={item.id}>{thing(item, () => setHeld(held === item.id ? null : item.id), held === item.id)}</li>
          ))}
        </ul>
      )}
      <div className="grid gap-2 sm:grid-cols-2">
        {question.groups.map((group) => (
          // biome-ignore lint/a11y/noStaticElementInteractions: the button in it does the same by touch and keyboard
          <div
            key={group.id}
            className="flex flex-col gap-2 rounded border-2 border-rule bg-sheet p-2"
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => drop(event, group.id)}
          >
            <button
              type="button"
              disabled={!held}
              onClick={() => held && put(held, group.id)}
              className="min-h-11 rounded border border-transparent px-2 text-left font-semibold enabled:border-action enabled:bg-action-ground enabled:text-action"
            >
              {held ? `Put it in “${group.text}”` : group.text}
            </button>
            <ul className="flex flex-wrap gap-2" aria-label={group.text}>
              {question.items
                .filter((item) => places[item.id] === group.id)
                .map((item) => (
                  <li key={item.id}>{thing(item, () => takeBack(item.id), false)}</li>
                ))}
            </ul>
          </div>
        ))}
      </div>
    </div>
  );
}
