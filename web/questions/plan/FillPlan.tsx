import type { AskedQuestion, Thing } from '../../stage/programme';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';
import { type AnsweringProps, readMap } from '../Answering';

interface AskedPlan extends AskedQuestion {
  boxes: (Thing & { purpose: string; starter: string })[];
}

/** The boxes of a plan, each with what it is for and a way to begin. */
export function FillPlan({ question, given, onWrite }: AnsweringProps<AskedPlan>) {
  const written = readMap(given);
  const write = (box: string, text: string) => onWrite(JSON.stringify({ ...written, [box]: text }));
  return (
    <ol className="flex flex-col gap-3">
      {question.boxes.map((box) => (
        <li key={box.id} className="rounded border border-rule bg-sheet p-3">
          <TextArea
            label={box.purpose ? `${box.text}: ${box.purpose}` : box.text}
            value={written[box.id] ?? ''}
            maxLength={500}
            rows={2}
            onChange={(event) => write(box.id, event.target.value)}
          />
          {box.starter && !written[box.id] && (
            <Button look="quiet" className="mt-1 px-2!" onClick={() => write(box.id, `${box.starter} `)}>
              Begin with “{box.starter}”
            </Button>
          )}
        </li>
      ))}
    </ol>
  );
}
