import { newId } from '../../rooms/lesson/desk';
import { Button } from '../../ui/Button';
import { TextField, Tick } from '../../ui/Field';
import type { ContentOf } from '../BlockForm';

type Content = ContentOf<'picture'>;
type Mark = NonNullable<Content['marks']>[number];

const KINDS: { kind: Mark['kind']; label: string; points: Omit<Mark, 'id' | 'kind'> }[] = [
  { kind: 'arrow', label: 'Arrow', points: { at: { x: 0.5, y: 0.5 }, from: { x: 0.3, y: 0.3 } } },
  { kind: 'ring', label: 'Ring', points: { at: { x: 0.5, y: 0.5 }, edge: { x: 0.62, y: 0.5 } } },
  { kind: 'label', label: 'Label', points: { at: { x: 0.5, y: 0.5 }, text: '' } },
  { kind: 'number', label: 'Number', points: { at: { x: 0.5, y: 0.5 }, text: '' } },
  { kind: 'cover', label: 'Cover', points: { at: { x: 0.35, y: 0.35 }, corner: { x: 0.65, y: 0.65 } } },
  { kind: 'detail', label: 'Enlarged detail', points: { at: { x: 0.3, y: 0.3 }, to: { x: 0.75, y: 0.7 } } },
];

/** As the schema has it. */
const MOST = 20;

/** What is pointed out on a picture: put here, and moved on the slide. */
export function Marks({ content, onChange }: { content: Content; onChange: (content: Content) => void }) {
  const marks = content.marks ?? [];
  const change = (next: Mark[]) => onChange({ ...content, marks: next });
  const add = ({ kind, points }: (typeof KINDS)[number]) => {
    const numbers = marks.filter((mark) => mark.kind === 'number').length;
    const text = kind === 'number' ? { text: String(numbers + 1) } : {};
    change([...marks, { id: newId('m'), kind, ...structuredClone(points), ...text }]);
  };
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 text-small text-quiet">Point something out on it; its dots are moved on the slide</legend>
      <div className="flex flex-wrap gap-1.5">
        {KINDS.map((kind) => (
          <Button key={kind.kind} disabled={marks.length >= MOST} onClick={() => add(kind)}>
            {kind.label}
          </Button>
        ))}
      </div>
      {marks.map((mark, index) => (
        <div key={mark.id} className="flex items-end gap-2">
          <span className="flex min-h-10 w-40 items-center">
            {index + 1} {KINDS.find((each) => each.kind === mark.kind)?.label}
          </span>
          {mark.text !== undefined && (
            <div className="grow">
              <TextField
                label={`Text of ${index + 1}`}
                hideLabel
                value={mark.text}
                maxLength={mark.kind === 'number' ? 2 : 60}
                onChange={(event) =>
                  change(marks.map((each, at) => (at === index ? { ...each, text: event.target.value } : each)))
                }
              />
            </div>
          )}
          {mark.kind === 'cover' && (
            <Tick
              label="Blurred"
              checked={mark.blurred ?? false}
              onChange={(blurred) => change(marks.map((each, at) => (at === index ? { ...each, blurred } : each)))}
            />
          )}
          <Button
            look="quiet"
            aria-label={`Take off number ${index + 1}`}
            onClick={() => change(marks.filter((_, at) => at !== index))}
          >
            Take off
          </Button>
        </div>
      ))}
    </fieldset>
  );
}
