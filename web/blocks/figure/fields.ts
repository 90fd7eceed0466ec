import type { FigureField } from '../../answers.types';

export type Quantities = Record<string, unknown>;

/** The fields to be filled in as things stand. */
export function visibleFields(fields: FigureField[], quantities: Quantities): FigureField[] {
  const standing = (name: string) => {
    const first = fields.find((field) => field.name === name)?.choices[0]?.value;
    return String(quantities[name] ?? first ?? '');
  };
  return fields.filter((field) =>
    Object.entries(field.when).every(([name, values]) => values.includes(standing(name))),
  );
}

/** After a change: a choice whose value is no longer offered goes back to its first. */
export function settled(fields: FigureField[], quantities: Quantities): Quantities {
  const settledOnes = { ...quantities };
  for (const field of visibleFields(fields, settledOnes)) {
    if (field.control !== 'choice') continue;
    const isOffered = field.choices.some((choice) => choice.value === settledOnes[field.name]);
    if (!isOffered) settledOnes[field.name] = field.choices[0]?.value;
  }
  return settledOnes;
}
