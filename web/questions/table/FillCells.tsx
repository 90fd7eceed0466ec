import type { AskedQuestion } from '../../stage/programme';
import { type AnsweringProps, readMap } from '../Answering';

interface AskedCell {
  /** “row-column”, from 0. */
  id: string;
  text: string;
  fill: boolean;
}

interface AskedTable extends AskedQuestion {
  hasHead: boolean;
  rows: AskedCell[][];
}

/** A table of which some cells are to be filled. */
export function FillCells({ question, prompt, given, onWrite }: AnsweringProps<AskedTable>) {
  const written = readMap(given);
  const heads = question.hasHead ? question.rows[0] : undefined;
  const nameOf = (cell: AskedCell, column: number) =>
    `Row ${Number(cell.id.split('-')[0]) + 1}, ${heads?.[column]?.text || `column ${column + 1}`}`;
  return (
    <div className="overflow-x-auto">
      <table className="w-full border-collapse">
        <caption className="sr-only">{prompt}</caption>
        <tbody>
          {question.rows.map((row, number) => (
            <tr key={row[0]?.id} className="border-b border-rule">
              {row.map((cell, column) => {
                const isHead = question.hasHead && number === 0 && cell.text !== '';
                const Cell = isHead ? 'th' : 'td';
                return (
                  <Cell key={cell.id} scope={isHead ? 'col' : undefined} className="p-1.5 text-left">
                    {cell.fill ? (
                      <input
                        aria-label={nameOf(cell, column)}
                        value={written[cell.id] ?? ''}
                        maxLength={120}
                        autoComplete="off"
                        onChange={(event) => onWrite(JSON.stringify({ ...written, [cell.id]: event.target.value }))}
                        className="min-h-12 w-full min-w-20 rounded border-2 border-edge bg-sheet px-2 text-base"
                      />
                    ) : (
                      cell.text
                    )}
                  </Cell>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
