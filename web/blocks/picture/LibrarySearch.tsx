import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { type ReactNode, useDeferredValue, useState } from 'react';
import type { LibraryAnswer } from '../../answers.types';
import type { Medium } from '../../lesson.types';
import { ask, sentence } from '../../request';
import { TextField } from '../../ui/Field';
import { Notice } from '../../ui/Notice';

interface LibrarySearchProps {
  onTake: (medium: Medium) => void;
  /** Another way to a picture, beside the search. */
  children?: ReactNode;
}

const THUMBNAIL =
  'flex size-16 items-center justify-center rounded border border-rule bg-sheet p-1.5 hover:border-action';

/** Drawings that ship with the program, and the teacher’s own pictures of all lessons, found by a word. */
export function LibrarySearch({ onTake, children }: LibrarySearchProps) {
  const [words, setWords] = useState('');
  const [trouble, setTrouble] = useState('');
  const wanted = useDeferredValue(words.trim());
  const found = useQuery({
    queryKey: ['library', wanted],
    queryFn: () => ask<LibraryAnswer>('GET', `/api/library?words=${encodeURIComponent(wanted)}`),
    enabled: wanted.length > 1,
    placeholderData: keepPreviousData,
  });
  const take = async (id: string) => {
    try {
      onTake(await ask<Medium>('POST', `/api/library/${id}`));
      setTrouble('');
      setWords('');
    } catch (error) {
      setTrouble(sentence(error));
    }
  };
  const { own = [], drawings = [] } = (wanted.length > 1 && found.data) || {};
  return (
    <div>
      <div className="flex gap-3">
        <div className="grow">
          <TextField
            label="Find a drawing, or one of your pictures, by a word"
            type="search"
            value={words}
            maxLength={80}
            placeholder="leaf, sun, measure …"
            onChange={(event) => setWords(event.target.value)}
          />
        </div>
        {children}
      </div>
      {(trouble || found.isError) && <Notice tone="trouble">{trouble || sentence(found.error)}</Notice>}
      {wanted.length > 1 && found.data && own.length + drawings.length === 0 && (
        <p role="status" className="mt-2 text-small text-quiet">
          Nothing is called so. Try another word for it.
        </p>
      )}
      <ul className="mt-2 flex flex-wrap gap-1.5 empty:hidden">
        {own.map((medium) => (
          <li key={medium.sha256}>
            <button
              type="button"
              title={`Yours: ${medium.description || medium.name}`}
              onClick={() => onTake(medium)}
              className={THUMBNAIL}
            >
              <img
                src={`/api/media/${medium.sha256}`}
                alt={`Yours: ${medium.description || medium.name}`}
                className="max-h-full max-w-full"
              />
            </button>
          </li>
        ))}
        {drawings.map((drawing) => (
          <li key={drawing.id}>
            <button type="button" title={drawing.label} onClick={() => void take(drawing.id)} className={THUMBNAIL}>
              <img src={`/api/library/${drawing.id}`} alt={drawing.label} loading="lazy" className="size-full" />
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
