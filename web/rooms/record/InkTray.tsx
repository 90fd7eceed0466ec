import { CAPTURES, type Captured } from '../../tracks/capture';
import { HAND_SIGN, TAG } from '../../tracks/signs';
import { Key } from '../../ui/Key';
import { Sign } from '../../ui/Sign';

/** No tool: the hand only points with the mouse. */
export const HAND = 'none';

/** A press on the slide is where a label is typed. */
export const LABEL = 'label';

export interface Ink {
  name: string;
  colour: string;
}

const ON_LIGHT: readonly Ink[] = [
  { name: 'Red', colour: '#B3261E' },
  { name: 'Blue', colour: '#1B6074' },
  { name: 'Green', colour: '#2C6528' },
  { name: 'Black', colour: '#1F2D36' },
];

const ON_DARK: readonly Ink[] = [
  { name: 'Red', colour: '#FF9C8F' },
  { name: 'Blue', colour: '#93D3E8' },
  { name: 'Green', colour: '#A9E3A0' },
  { name: 'White', colour: '#F4F1EA' },
];

/** Inks that are seen on the ground of the slides. */
export function inksOn(isDark: boolean): readonly Ink[] {
  return isDark ? ON_DARK : ON_LIGHT;
}

const TOOLS = [
  { name: HAND, label: 'Hand', sign: HAND_SIGN },
  { name: LABEL, label: 'Label', sign: TAG },
  ...CAPTURES.flatMap((capture) => capture.tools ?? []),
];

/** A word under its sign, the size of a thumb. */
const UNDER_SIGN =
  'flex min-h-14 items-center justify-center gap-0.5 rounded border text-small leading-tight tracking-tight';

interface InkTrayProps {
  tool: string;
  inks: readonly Ink[];
  colour: string;
  onTool: (tool: string) => void;
  onColour: (colour: string) => void;
  actions: NonNullable<Captured['actions']>;
}

/** Pens at the hand's side. */
export function InkTray({ tool, inks, colour, onTool, onColour, actions }: InkTrayProps) {
  return (
    <div
      role="toolbar"
      aria-label="Drawing"
      aria-orientation="vertical"
      className="grid grid-cols-2 content-start gap-1.5"
    >
      {TOOLS.map((each) => (
        <button
          key={each.name}
          type="button"
          aria-pressed={tool === each.name}
          onClick={() => onTool(each.name)}
          className={`${UNDER_SIGN} flex-col ${tool === each.name ? 'border-action bg-action text-white' : 'border-edge bg-sheet'}`}
        >
          <Sign path={each.sign} />
          {each.label}
        </button>
      ))}
      <div className="col-span-2 grid grid-cols-4 py-1">
        {inks.map((each) => (
          <button
            key={each.colour}
            type="button"
            aria-label={each.name}
            aria-pressed={colour === each.colour}
            onClick={() => onColour(each.colour)}
            className={`size-10 rounded-full border-4 inset-ring inset-ring-edge ${colour === each.colour ? 'border-ink' : 'border-paper'}`}
            style={{ background: each.colour }}
          />
        ))}
      </div>
      {CAPTURES.map(
        ({ whileHeld }) =>
          whileHeld && (
            <p key={whileHeld.key} className="flex min-h-10 items-center justify-between px-1 text-small text-quiet">
              {whileHeld.label}
              <span className="sr-only">while held:</span> <Key>{whileHeld.key.toUpperCase()}</Key>
            </p>
          ),
      )}
      {actions.map((action) => (
        <button
          key={action.key}
          type="button"
          onClick={action.run}
          className={`${UNDER_SIGN} flex-col-reverse border-edge bg-sheet`}
        >
          {action.label}{' '}
          <span className="flex items-center gap-1.5">
            <Sign path={action.sign} size={20} /> <Key>{action.key.toUpperCase()}</Key>
          </span>
        </button>
      ))}
    </div>
  );
}
