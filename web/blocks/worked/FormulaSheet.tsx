import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Judged, StartingFormula } from '../../answers.types';
import { ask, sentence } from '../../request';
import { newId, useDesk } from '../../rooms/lesson/desk';
import { useKinds } from '../../rooms/lesson/kinds';
import { Button } from '../../ui/Button';
import { Choice, TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import type { Quantities } from '../figure/fields';
import { SheetEntry } from './SheetEntry';

/** The lesson's formula sheet: which of its formulas can serve for what is known and asked, and why the others cannot. */
export function FormulaSheet({
  quantities,
  onChoose,
}: {
  quantities: Quantities;
  onChoose: (formula: string) => void;
}) {
  const desk = useDesk();
  const kinds = useKinds();
  const [own, setOwn] = useState('');
  const sheet = desk.document.formulas ?? [];
  const known = String(quantities.known ?? '')
    .split('\n')
    .map((line) => line.split('=')[0]?.trim() ?? '')
    .filter(Boolean);
  const asked = String(quantities.asked ?? '').trim();
  const judged = useQuery({
    queryKey: ['formulas', sheet, known, asked],
    queryFn: () => ask<Judged[]>('POST', '/api/formulas/choose', { sheet, known, asked }),
    enabled: sheet.length > 0,
    placeholderData: keepPreviousData,
  });
  const keep = (formulas: StartingFormula[]) =>
    desk.edit((draft) => {
      const there = (draft.formulas ?? []).map((each) => each.formula);
      const fresh = formulas.filter((each) => !there.includes(each.formula));
      draft.formulas = [...(draft.formulas ?? []), ...fresh.map((each) => ({ id: newId('formula'), ...each }))];
    });
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 text-small text-quiet">Formula sheet of this lesson</legend>
      {judged.error && <Notice tone="trouble">{sentence(judged.error)}</Notice>}
      <ul className="flex flex-col gap-1">
        {sheet.map((formula, index) => (
          <SheetEntry
            key={formula.id}
            formula={formula}
            verdict={judged.data?.[index]}
            onUse={() => onChoose(formula.formula)}
            onName={(names) =>
              desk.edit((draft) => {
                const entry = draft.formulas?.find((each) => each.id === formula.id);
                if (entry) entry.names = names;
              })
            }
            onRemove={() =>
              desk.edit((draft) => {
                draft.formulas = draft.formulas?.filter((each) => each.id !== formula.id);
              })
            }
          />
        ))}
      </ul>
      <Choice
        label="Add a set to the sheet"
        value=""
        choices={[
          { value: '', label: 'choose a subject' },
          ...Object.keys(kinds.data?.sheets ?? {}).map((name) => ({ value: name, label: name })),
        ]}
        onChoose={(name) => keep(kinds.data?.sheets[name] ?? [])}
      />
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (own.includes('=')) keep([{ formula: own.trim(), names: [] }]);
          setOwn('');
        }}
      >
        <div className="grow">
          <TextField
            label="Or a formula of your own"
            value={own}
            maxLength={120}
            placeholder="E = m g h"
            onChange={(event) => setOwn(event.target.value)}
          />
        </div>
        <Button type="submit">Add</Button>
      </form>
    </fieldset>
  );
}
