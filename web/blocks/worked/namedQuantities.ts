import type { SheetFormula } from '../../lesson.types';
import type { Quantities } from '../figure/fields';

/** The quantities of a worked formula, with what the lesson's sheet says its letters stand for. */
export function namedQuantities(quantities: Quantities, sheet: SheetFormula[]): Quantities {
  const { names: _, ...rest } = quantities;
  const formula = sheet.find((each) => bare(each.formula) === bare(String(quantities.formula ?? '')));
  return formula && formula.names.length > 0 ? { ...rest, names: formula.names } : rest;
}

function bare(formula: string): string {
  return formula.replace(/\s/g, '');
}
