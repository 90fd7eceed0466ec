import type { AskedQuestion } from '../../stage/programme';
import { Choice, TextField } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';

interface AskedLabel extends AskedQuestion {
  picture: string | null;
  points: { id: string; x: number; y: number }[];
  names: string[];
}

/** Numbered points on a picture, each named from the list or by writing. */
export function NameParts({ question, given, onWrite }: AnsweringProps<AskedLabel>) {
  const names = readMap(given);
  const write = (point: string, name: string) => onWrite(JSON.stringify({ ...names, [point]: name }));
  return (
    <div className="flex flex-col gap-3">
      {question.picture && (
        <div className="relative w-full max-w-md">
          <img
            src={question.picture}
            alt="What is to be named, with its parts numbered"
            className="w-full rounded-sm"
          />
          {question.points.map((point, index) => (
            <span
              key={point.id}
              aria-hidden
              className="absolute flex size-8 -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 border-white bg-action text-small font-semibold text-white"
              style={{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }}
            >
              {index + 1}
            </span>
          ))}
        </div>
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        {question.points.map((point, index) =>
          question.names.length > 0 ? (
            <Choice
              key={point.id}
              label={`Part ${index + 1}`}
              value={names[point.id] ?? ''}
              choices={[
                { value: '', label: 'choose its name' },
                ...question.names.map((name) => ({ value: name, label: name })),
              ]}
              onChoose={(name) => write(point.id, name)}
              className="min-h-12!"
            />
          ) : (
            <TextField
              key={point.id}
              label={`Part ${index + 1}`}
              value={names[point.id] ?? ''}
              maxLength={60}
              autoComplete="off"
              onChange={(event) => write(point.id, event.target.value)}
              className="min-h-12!"
            />
          ),
        )}
      </div>
    </div>
  );
}
