import type { ShareAnswer } from '../../answers.types';
import { partLabel } from '../../parts';
import { Choice, TextField } from '../../ui/Field';

type Share = ShareAnswer['shares'][number];

export type Allowances = Pick<Share, 'keeping' | 'inAnyOrder' | 'answersAfterDue' | 'parts'>;

export function allowancesOf(share: Share | undefined): Allowances {
  const { keeping = 'sealed', inAnyOrder = false, answersAfterDue = false, parts = {} } = share ?? {};
  return { keeping, inAnyOrder, answersAfterDue, parts };
}

const KEEPING: { value: Share['keeping']; label: string }[] = [
  { value: 'sealed', label: 'yes, with answers closed until they have tried' },
  { value: 'open', label: 'yes, open from the beginning' },
  { value: 'no', label: 'no' },
];

interface WhatTheClassMayDoProps {
  parts: ShareAnswer['parts'];
  allowances: Allowances;
  onChange: (allowances: Allowances) => void;
}

/** What is seldom changed: how the class may do the lesson, and when each part opens. */
export function WhatTheClassMayDo({ parts, allowances, onChange }: WhatTheClassMayDoProps) {
  const { keeping, inAnyOrder, answersAfterDue } = allowances;
  const change = (some: Partial<Allowances>) => onChange({ ...allowances, ...some });
  return (
    <details className="rounded border border-rule bg-sheet px-4 py-2">
      <summary className="min-h-10 cursor-pointer py-1.5 text-action">
        What this class may do, and when parts open
      </summary>
      <div className="flex flex-col gap-3 pb-2">
        <Choice
          label="Keep the lesson on their device, for when there is no connection"
          value={keeping}
          choices={KEEPING}
          onChoose={(value) => change({ keeping: value as Share['keeping'] })}
        />
        <Choice
          label="Order of the parts"
          value={inAnyOrder ? 'own' : 'lesson'}
          choices={[
            { value: 'lesson', label: 'as the lesson goes' },
            { value: 'own', label: 'each student’s own' },
          ]}
          onChoose={(value) => change({ inAnyOrder: value === 'own' })}
        />
        <Choice
          label="Answers of the exit check are seen"
          value={answersAfterDue ? 'later' : 'now'}
          choices={[
            { value: 'now', label: 'when it is handed in' },
            { value: 'later', label: 'after the day by which it is to be done' },
          ]}
          onChoose={(value) => change({ answersAfterDue: value === 'later' })}
        />
        <fieldset>
          <legend className="mb-1">Parts</legend>
          <div className="flex flex-col gap-2">
            {parts.map((part) => (
              <WhenItOpens
                key={part}
                part={part}
                from={allowances.parts[part]}
                onChange={(from) => {
                  const { [part]: _, ...others } = allowances.parts;
                  change({ parts: from === undefined ? others : { ...others, [part]: from } });
                }}
              />
            ))}
          </div>
        </fieldset>
      </div>
    </details>
  );
}

interface WhenItOpensProps {
  part: ShareAnswer['parts'][number];
  /** A day, null for never, undefined for at once. */
  from: string | null | undefined;
  onChange: (from: string | null | undefined) => void;
}

function WhenItOpens({ part, from, onChange }: WhenItOpensProps) {
  const label = partLabel(part);
  const when = from === undefined ? 'now' : from === null ? 'never' : 'day';
  return (
    <div className="grid grid-cols-[7rem_minmax(0,1fr)_minmax(0,1fr)] items-center gap-2">
      <span>{label}</span>
      <Choice
        label={`When “${label}” opens`}
        hideLabel
        value={when}
        choices={[
          { value: 'now', label: 'open' },
          { value: 'day', label: 'opens on' },
          { value: 'never', label: 'not for this class' },
        ]}
        onChoose={(value) => onChange(value === 'now' ? undefined : value === 'never' ? null : tomorrow())}
      />
      {when === 'day' && (
        <TextField
          label={`Day on which “${label}” opens`}
          hideLabel
          type="date"
          required
          value={from ?? ''}
          onChange={(event) => onChange(event.target.value || tomorrow())}
        />
      )}
    </div>
  );
}

function tomorrow(): string {
  const day = new Date();
  day.setDate(day.getDate() + 1);
  return [day.getFullYear(), day.getMonth() + 1, day.getDate()].map((each) => String(each).padStart(2, '0')).join('-');
}
