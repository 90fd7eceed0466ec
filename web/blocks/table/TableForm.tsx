import { Button } from '../../ui/Button';
import { TextArea, TextField, Tick } from '../../ui/Field';
import type { FormProps } from '../BlockForm';
import { Seconds, secondsFor } from '../Seconds';
import { MOST_COLUMNS } from './size';

/** Cells are typed on the slide; here is what holds for the whole table, and for what a student fills in. */
export function TableForm({ content, onChange }: FormProps<'table'>) {
  const columns = content.rows[0]?.length ?? 0;
  const isAsked = content.rows.some((row) => row.some((cell) => cell.trimStart().startsWith('?')));
  const eachRow = (change: (row: string[]) => string[]) => onChange({ ...content, rows: content.rows.map(change) });
  return (
    <>
      <p className="text-small text-quiet">
        {'{sum}'}, {'{mean}'}, {'{difference}'} or {'{rate}'} in a cell works on the column above it. A cell that begins
        with ? is left for the student; behind the ? stands its answer.
      </p>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1">
        <Tick
          label="The first row names the columns"
          checked={content.hasHead}
          onChange={(hasHead) => onChange({ ...content, hasHead })}
        />
        <Tick
          label="The first column names the rows"
          checked={content.hasSide}
          onChange={(hasSide) => onChange({ ...content, hasSide })}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button disabled={columns >= MOST_COLUMNS} onClick={() => eachRow((row) => [...row, ''])}>
          Add a column
        </Button>
        <Button disabled={columns <= 1} onClick={() => eachRow((row) => row.slice(0, -1))}>
          Take the last column off
        </Button>
        <Button
          disabled={content.rows.length <= 1}
          onClick={() => onChange({ ...content, rows: content.rows.slice(0, -1) })}
        >
          Take the last row off
        </Button>
      </div>
      {isAsked && (
        <>
          <TextArea
            label="What the student is told to do"
            value={content.prompt ?? ''}
            maxLength={600}
            onChange={(event) => onChange({ ...content, prompt: event.target.value })}
          />
          <div className="grid grid-cols-3 gap-3">
            <TextField
              label="Marks"
              type="number"
              min={1}
              max={20}
              value={content.marks ?? 1}
              onChange={(event) =>
                onChange({ ...content, marks: Math.min(20, Math.max(1, Math.round(Number(event.target.value)))) })
              }
            />
            <TextField
              label="A number may be off by"
              value={content.tolerance ?? ''}
              maxLength={40}
              placeholder="0"
              onChange={(event) => onChange({ ...content, tolerance: event.target.value })}
            />
            <Seconds
              value={content.seconds}
              fromMarks={secondsFor(content.marks ?? 1)}
              onChange={(seconds) => onChange({ ...content, seconds })}
            />
          </div>
          <Tick
            label="Stop the lesson here until the student has tried"
            checked={content.stops ?? true}
            onChange={(stops) => onChange({ ...content, stops })}
          />
        </>
      )}
    </>
  );
}
