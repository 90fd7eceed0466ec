import { useState } from 'react';
import type { Finding } from '../../answers.types';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { useDesk } from '../lesson/desk';
import { mend, setAside, takeUpAgain } from './mend';

interface ReadyCheckProps {
  findings: Finding[];
  onChoose: (finding: Finding) => void;
}

/** What was found, the dearest first: each leads to its place, can be mended where one press does it, or be left as it is. */
export function ReadyCheck({ findings, onChoose }: ReadyCheckProps) {
  const open = findings.filter((finding) => finding.setAside === null);
  const left = findings.filter((finding) => finding.setAside !== null);
  if (findings.length === 0) return <p className="py-2 text-right">Ready check: nothing found. You can record.</p>;
  return (
    <details className="grow rounded border border-rule bg-sheet px-3 py-2">
      <summary className="cursor-pointer">
        Ready check:{' '}
        {open.length === 0 ? 'nothing open' : `${open.length} ${open.length === 1 ? 'finding' : 'findings'}`}
        {left.length > 0 && <span className="text-quiet">, {left.length} left as they are</span>}
      </summary>
      <ul className="mt-2 divide-y divide-rule">
        {open.map((finding) => (
          <OpenFinding key={finding.id} finding={finding} onChoose={onChoose} />
        ))}
        {left.map((finding) => (
          <LeftFinding key={finding.id} finding={finding} onChoose={onChoose} />
        ))}
      </ul>
    </details>
  );
}

function OpenFinding({ finding, onChoose }: { finding: Finding; onChoose: (finding: Finding) => void }) {
  const desk = useDesk();
  const [reason, setReason] = useState<string | null>(null);
  return (
    <li className="py-1.5">
      <div className="flex items-center gap-2">
        <Place finding={finding} onChoose={onChoose} />
        {finding.remedy && (
          <Button onClick={() => desk.edit((draft) => mend(draft, finding))} title="Undo takes it back">
            {finding.remedy.label}
          </Button>
        )}
        {reason === null && (
          <Button look="quiet" aria-label={`Leave it as it is: ${finding.sentence}`} onClick={() => setReason('')}>
            Leave it
          </Button>
        )}
      </div>
      {reason !== null && (
        <form
          className="mb-2 flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            desk.edit((draft) => setAside(draft, finding.id, reason.trim()));
          }}
        >
          <div className="grow">
            <TextField
              label="Why it stays as it is, for you and whoever has this lesson after you"
              value={reason}
              maxLength={300}
              autoFocus
              onChange={(event) => setReason(event.target.value)}
            />
          </div>
          <Button type="submit">Leave it as it is</Button>
          <Button look="quiet" onClick={() => setReason(null)}>
            Back
          </Button>
        </form>
      )}
    </li>
  );
}

function LeftFinding({ finding, onChoose }: { finding: Finding; onChoose: (finding: Finding) => void }) {
  const desk = useDesk();
  return (
    <li className="flex items-center gap-2 py-1.5 text-quiet">
      <div className="grow">
        <Place finding={finding} onChoose={onChoose} />
        <p className="text-small">{finding.setAside ? `Left as it is: ${finding.setAside}` : 'Left as it is.'}</p>
      </div>
      <Button look="quiet" onClick={() => desk.edit((draft) => takeUpAgain(draft, finding.id))}>
        Look at it again
      </Button>
    </li>
  );
}

function Place({ finding, onChoose }: { finding: Finding; onChoose: (finding: Finding) => void }) {
  const desk = useDesk();
  const title = desk.document.parts.flatMap((part) => part.slides).find((slide) => slide.id === finding.slide)?.title;
  return (
    <button
      type="button"
      onClick={() => onChoose(finding)}
      className="block min-h-10 grow py-1 text-left enabled:hover:text-action"
      disabled={finding.slide === null}
    >
      {finding.slide && <strong className="font-semibold">{title || 'Slide without a title'}: </strong>}
      {finding.sentence}
    </button>
  );
}
