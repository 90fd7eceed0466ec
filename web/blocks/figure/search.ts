import type { FigureEntry } from '../../answers.types';

/** The figures in which every word that was typed begins a word, wherever it stands. */
export function found(figures: FigureEntry[], typed: string): FigureEntry[] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean);
  return figures.filter((figure) => {
    const words = [figure.label, figure.purpose, figure.also, ...figure.purposes, ...figure.subjects]
      .join(' ')
      .toLowerCase()
      .split(/[^\p{L}\p{N}]+/u);
    return wanted.every((want) => words.some((word) => word.startsWith(want)));
  });
}
