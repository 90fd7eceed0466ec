import { useQueryClient } from '@tanstack/react-query';
import { createContext, type ReactNode, use, useMemo } from 'react';
import { ask } from '../../request';
import { useTrouble } from '../../trouble';
import { Notice } from '../../ui/Notice';

/** What is done with lessons and series on Home; each fetches them again. */
export interface Shelf {
  change: (lesson: string, wanted: { title?: string; series?: string | null; by?: number; putAway?: boolean }) => void;
  changeSeries: (series: string, wanted: { title?: string; by?: number; look?: string }) => void;
  copy: (lesson: string) => void;
  remove: (lesson: string) => void;
}

const Context = createContext<Shelf | null>(null);

export function useShelf(): Shelf {
  const shelf = use(Context);
  if (!shelf) throw new Error('A lesson stands outside Home.');
  return shelf;
}

/** Says what could not be done above what it holds. */
export function ShelfProvider({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const [trouble, attempt] = useTrouble();
  const shelf = useMemo<Shelf>(() => {
    const work = (method: string, address: string, body?: object) =>
      void attempt(async () => {
        await ask(method, address, body);
        await queries.invalidateQueries({ queryKey: ['home'] });
      });
    return {
      change: (lesson, wanted) => work('PATCH', `/api/lessons/${lesson}/shelf`, wanted),
      changeSeries: (series, wanted) => work('PATCH', `/api/series/${series}`, wanted),
      copy: (lesson) => work('POST', `/api/lessons/${lesson}/copy`),
      remove: (lesson) => work('DELETE', `/api/lessons/${lesson}`),
    };
  }, [queries, attempt]);
  return (
    <Context value={shelf}>
      {trouble && (
        <div className="pt-4">
          <Notice tone="trouble">{trouble}</Notice>
        </div>
      )}
      {children}
    </Context>
  );
}
