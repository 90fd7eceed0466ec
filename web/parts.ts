import type { Part } from './lesson.types';

export type PartKind = Part['kind'];

/** The parts of a lesson in the order of the day. */
export const PARTS: { kind: PartKind; label: string }[] = [
  { kind: 'opening', label: 'Opening' },
  { kind: 'aims', label: 'Aims' },
  { kind: 'explain', label: 'Explain' },
  { kind: 'example', label: 'Example' },
  { kind: 'your-turn', label: 'Your turn' },
  { kind: 'recap', label: 'Recap' },
  { kind: 'exit-check', label: 'Exit check' },
  { kind: 'afterwards', label: 'Afterwards' },
];

export function partLabel(kind: PartKind): string {
  return PARTS.find((part) => part.kind === kind)?.label ?? kind;
}
