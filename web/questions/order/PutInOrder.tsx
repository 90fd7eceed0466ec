import { type DragEvent, useEffect } from 'react';
import type { AskedQuestion, Thing } from '../../stage/programme';
import { Button } from '../../ui/Button';
import { type AnsweringProps, readList } from '../Answering';

interface AskedOrder extends AskedQuestion {
  items: Thing[];
}

/** A list whose lines are dragged, or moved up and down by their buttons. */
export function PutInOrder({ question, given, onWrite }: AnsweringProps<AskedOrder>) {
  const kept = readList<string>(given);
  const isWhole = kept.length === question.items.length && question.items.every((item) => kept.includes(item.id));
  const order = isWhole ? kept : question.items.map((item) => item.id);
  // Leaving everything where it lies is an answer too.
  // biome-ignore lint/correctness/useExhaustiveDependencies: written once, when nothing was given yet
  useEffect(() => {
    if (!isWhole) onWrite(JSON.stringify(order));
  }, [isWhole]);
  const move = (from: number, to: number) => {
    const changed = [...order];
    const [moved] = changed.splice(from, 1);
    if (!moved || to < 0 || to >= order.length) return;
    changed.splice(to, 0, moved);
    onWrite(JSON.stringify(changed));
  };
  const drop = (event: DragEvent, to: number) => {
    event.preventDefault();
    const from = order.indexOf(event.dataTransfer.getData('text/plain'));
    if (from >= 0) move(from, to);
  };
  return (
    <ol className="flex flex-col gap-2">
      {order.map((id, index) => {
        const text = question.items.find((item) => item.id === id)?.text ?? '';
        return (
          <li
            key={id}
            draggable
            onDragStart={(event) => event.dataTransfer.setData('text/plain', id)}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => drop(event, index)}
            className="flex min-h-12 cursor-grab items-center gap-2 rounded border border-edge bg-paper pl-3"
          >
            <span className="font-semibold text-action">{index + 1}</span>
            <span className="grow py-1.5">{text}</span>
            <Button
              look="quiet"
              className="min-h-12! px-3!"
              aria-label={`Earlier: ${text}`}
              disabled={index === 0}
              onClick={() => move(index, index - 1)}
            >
              ↑
            </Button>
            <Button
              look="quiet"
              className="min-h-12! px-3!"
              aria-label={`Later: ${text}`}
              disabled={index === order.length - 1}
              onClick={() => move(index, index + 1)}
            >
              ↓
            </Button>
          </li>
        );
      })}
    </ol>
  );
}
