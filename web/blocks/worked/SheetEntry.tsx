import type { Judged } from '../../answers.types';
import type { SheetFormula } from '../../lesson.types';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

type Names = SheetFormula['names'];

interface SheetEntryProps {
  formula: SheetFormula;
  verdict: Judged | undefined;
  onUse: () => void;
  onName: (names: Names) => void;
  onRemove: () => void;
}

/** A formula of the sheet: whether it serves, and what its letters stand for. */
export function SheetEntry({ formula, verdict, onUse, onName, onRemove }: SheetEntryProps) {
  const letters = verdict?.names.length ? verdict.names : formula.names.map((each) => each.name);
  const named = (letter: string) =>
    formula.names.find((each) => each.name === letter) ?? { name: letter, meaning: '', unit: '' };
  const change = (letter: string, part: { meaning?: string; unit?: string }) =>
    onName(letters.map((each) => (each === letter ? { ...named(each), ...part } : named(each))));
  return (
    <li className={`border-l-4 pl-2 ${verdict?.serves ? 'border-action' : 'border-rule'}`}>
      <div className="flex items-start gap-2">
        <div className="grow">
          <span className="font-semibold">{formula.formula}</span>
          {verdict && (
            <span className="block text-small text-quiet">
              {verdict.serves ? <strong className="font-semibold text-action">Serves. </strong> : 'Cannot serve. '}
              {verdict.why}
            </span>
          )}
        </div>
        <Button look="quiet" className="px-2!" onClick={onUse}>
          Use {formula.formula}
        </Button>
        <Button look="quiet" className="px-2!" aria-label={`Take ${formula.formula} off the sheet`} onClick={onRemove}>
          ×
        </Button>
      </div>
      {letters.length > 0 && (
        <details className="mb-2">
          <summary className="cursor-pointer text-small text-action">
            {formula.names.some((each) => each.meaning) ? told(formula.names) : 'Say what its letters stand for'}
          </summary>
          <div className="mt-1 grid grid-cols-[auto_minmax(0,1fr)_6rem] items-center gap-2">
            {letters.map((letter) => (
              <div key={letter} className="contents">
                <span className="font-semibold">{letter}</span>
                <TextField
                  label={`What ${letter} stands for in ${formula.formula}`}
                  hideLabel
                  placeholder="what it stands for"
                  maxLength={80}
                  value={named(letter).meaning}
                  onChange={(event) => change(letter, { meaning: event.target.value })}
                />
                <TextField
                  label={`Unit of ${letter} in ${formula.formula}`}
                  hideLabel
                  placeholder="unit"
                  maxLength={20}
                  value={named(letter).unit}
                  onChange={(event) => change(letter, { unit: event.target.value })}
                />
              </div>
            ))}
          </div>
        </details>
      )}
    </li>
  );
}

/** “V voltage in V, I current in A”. */
function told(names: Names): string {
  return names
    .filter((each) => each.meaning)
    .map((each) => `${each.name} ${each.meaning}${each.unit ? ` in ${each.unit}` : ''}`)
    .join(', ');
}
