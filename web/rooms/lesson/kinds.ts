import { useQuery } from '@tanstack/react-query';
import type { Block } from '../../lesson.types';
import { ask } from '../../request';

/** One thing that a teacher fills in for a figure, as the figure itself describes it. */
export interface FigureField {
  control: 'text' | 'whole' | 'tick' | 'choice' | 'lines' | 'table' | 'points' | 'spots' | 'groups' | 'passage';
  name: string;
  label: string;
  hint: string;
  choices: { value: string; label: string }[];
  /** Shown only while these fields have one of these values. */
  when: Record<string, string[]>;
}

export interface FigureEntry {
  name: string;
  label: string;
  purpose: string;
  purposes: string[];
  subjects: string[];
  also: string;
  blank: Record<string, unknown>;
  fields: FigureField[];
  varies: boolean;
  hasTask: boolean;
}

export interface MethodEntry {
  name: string;
  label: string;
  blank: Record<string, unknown>;
  fields: FigureField[];
}

export interface StartingFormula {
  formula: string;
  names: { name: string; meaning: string; unit: string }[];
}

export interface Kinds {
  blocks: { name: Block['kind']; label: string; blank: Block['content'] }[];
  figures: FigureEntry[];
  /** Kinds of worked example that the engine writes. */
  methods: MethodEntry[];
  /** Formulas to begin with, by subject. */
  sheets: Record<string, StartingFormula[]>;
}

/** What can be put on a slide. */
export function useKinds() {
  return useQuery({
    queryKey: ['kinds'],
    queryFn: () => ask<Kinds>('GET', '/api/kinds'),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
