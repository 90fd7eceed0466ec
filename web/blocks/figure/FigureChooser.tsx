import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { FigureSample } from '../../answers.types';
import { ask } from '../../request';
import { useKinds } from '../../rooms/lesson/kinds';
import { Choice, TextField } from '../../ui/Field';
import { Sheet } from '../../ui/Sheet';
import type { ChooserProps } from '../BlockForm';
import { found } from './search';

/** The catalogue: by what the teacher wants to show, by subject, or by a word. */
export function FigureChooser({ open, onClose, onChoose }: ChooserProps<'figure'>) {
  const kinds = useKinds();
  const [word, setWord] = useState('');
  const [purpose, setPurpose] = useState('');
  const [subject, setSubject] = useState('');
  const figures = kinds.data?.figures ?? [];
  const purposes = [...new Set(figures.flatMap((figure) => figure.purposes))];
  const subjects = [...new Set(figures.flatMap((figure) => figure.subjects))];
  const shown = found(figures, word).filter(
    (figure) =>
      (purpose === '' || figure.purposes.includes(purpose)) && (subject === '' || figure.subjects.includes(subject)),
  );
  const all = (label: string, values: string[]) => [
    { value: '', label },
    ...values.map((value) => ({ value, label: value })),
  ];
  return (
    <Sheet open={open} onClose={onClose} title="What do you want to show?" wide>
      <div className="mb-3 grid grid-cols-3 gap-3">
        <Choice label="To show" value={purpose} choices={all('anything', purposes)} onChoose={setPurpose} />
        <Choice label="Subject" value={subject} choices={all('every subject', subjects)} onChoose={setSubject} />
        <TextField
          label="A word"
          type="search"
          value={word}
          placeholder="fraction, poem, map …"
          onChange={(event) => setWord(event.target.value)}
        />
      </div>
      <p className="sr-only" role="status">
        {shown.length} figures
      </p>
      {shown.length === 0 && (
        <p className="py-6">No figure fits all of this. Take one of the three away, or try another word.</p>
      )}
      <ul className="divide-y divide-rule border-y border-rule">
        {shown.map((figure) => (
          <li key={figure.name}>
            <button
              type="button"
              className="flex w-full items-center gap-4 p-2 text-left hover:bg-action-ground"
              onClick={() => onChoose({ figure: figure.name, quantities: structuredClone(figure.blank) })}
            >
              <Sample figure={figure.name} />
              <span>
                <strong className="block text-lg font-semibold">{figure.label}</strong>
                <span className="text-quiet">{figure.purpose}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}

/** A small drawing, made by the same code as the one on the slide. */
function Sample({ figure }: { figure: string }) {
  const sample = useQuery({
    queryKey: ['sample', figure],
    queryFn: () => ask<FigureSample>('GET', `/api/figures/${figure}/sample`),
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <span
      aria-hidden
      className="stage flex h-28 w-48 shrink-0 items-center justify-center overflow-hidden rounded-sm border border-rule bg-sheet p-1 [&>svg]:max-h-full [&>svg]:max-w-full"
      dangerouslySetInnerHTML={{ __html: sample.data?.svg ?? '' }}
    />
  );
}
