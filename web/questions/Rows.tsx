import type { ReactNode } from 'react';
import { AddButton } from '../ui/AddButton';
import { Button } from '../ui/Button';

/** A list of things in a question, each with its fields and a way to take it away or move it. */
export function Rows<Row extends { id: string }>({
  legend,
  rows,
  most,
  add,
  make,
  onChange,
  moves = false,
  children,
}: {
  legend: string;
  rows: Row[];
  most: number;
  /** Words on the button that adds one. */
  add: string;
  make: () => Row;
  onChange: (rows: Row[]) => void;
  /** Whether their order matters. */
  moves?: boolean;
  children: (row: Row, change: (some: Partial<Row>) => void, index: number) => ReactNode;
}) {
  const change = (index: number, some: Partial<Row>) =>
    onChange(rows.map((row, at) => (at === index ? { ...row, ...some } : row)));
  const up = (index: number) => {
    const moved = [...rows];
    const [row] = moved.splice(index, 1);
    if (row) moved.splice(index - 1, 0, row);
    onChange(moved);
  };
  return (
    <fieldset className="flex flex-col gap-2 rounded border border-rule p-3">
      <legend className="px-1 text-small text-quiet">{legend}</legend>
      {rows.map((row, index) => (
        <div key={row.id} className="flex items-end gap-1">
          <div className="min-w-0 grow">{children(row, (some) => change(index, some), index)}</div>
          {moves && (
            <Button look="quiet" className="px-2!" disabled={index === 0} onClick={() => up(index)}>
              Up
            </Button>
          )}
          <Button look="quiet" className="px-2!" onClick={() => onChange(rows.filter((each) => each.id !== row.id))}>
            Remove
          </Button>
        </div>
      ))}
      <AddButton disabled={rows.length >= most} onAdd={() => onChange([...rows, make()])}>
        {add}
      </AddButton>
    </fieldset>
  );
}
