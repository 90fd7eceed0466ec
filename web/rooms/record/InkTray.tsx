import { CAPTURES, type Captured } from '../../tracks/capture';
import { Key } from '../../ui/Key';

/** No tool: the hand only points with the mouse. */
export const HAND = 'none';

const COLOURS = [
  { value: '#B3261E', name: 'Red' },
  { value: '#1B6074', name: 'Blue' },
  { value: '#2C6528', name: 'Green' },
  { value: '#1F2D36', name: 'Black' },
];

const TOOLS = [{ name: HAND, label: 'Hand' }, ...CAPTURES.flatMap((capture) => capture.tools ?? [])];

interface InkTrayProps {
  tool: string;
  colour: string;
  onTool: (tool: string) => void;
  onColour: (colour: string) => void;
  actions: NonNullable<Captured['actions']>;
}

/** Pens at the hand's side. */
export function InkTray({ tool, colour, onTool, onColour, actions }: InkTrayProps) {
  return (
    <div role="toolbar" aria-label="Drawing" aria-orientation="vertical" className="flex flex-col gap-2 pt-24">
      {TOOLS.map((each) => (
        <button
          key={each.name}
          type="button"
          aria-pressed={tool === each.name}
          onClick={() => onTool(each.name)}
          className={`min-h-11 rounded border text-small ${tool === each.name ? 'border-action bg-action text-white' : 'border-edge bg-sheet'}`}
        >
          {each.label}
        </button>
      ))}
      <div className="grid grid-cols-2 gap-2 pt-1">
        {COLOURS.map((each) => (
          <button
            key={each.value}
            type="button"
            aria-label={each.name}
            aria-pressed={colour === each.value}
            onClick={() => onColour(each.value)}
            className={`size-10 rounded-full border-4 ${colour === each.value ? 'border-ink' : 'border-paper'}`}
            style={{ background: each.value }}
          />
        ))}
      </div>
      {CAPTURES.map(
        ({ whileHeld }) =>
          whileHeld && (
            <p key={whileHeld.key} className="text-center text-small text-quiet">
              {whileHeld.label}: hold <Key>{whileHeld.key.toUpperCase()}</Key>
            </p>
          ),
      )}
      {actions.map((action) => (
        <button
          key={action.key}
          type="button"
          onClick={action.run}
          className="min-h-11 rounded border border-edge bg-sheet text-small"
        >
          {action.label} <Key>{action.key.toUpperCase()}</Key>
        </button>
      ))}
    </div>
  );
}
