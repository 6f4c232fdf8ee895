import type { Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type ContractionOption = 'summer-to-frost' | 'own';

/** From which temperature to which buried polyethylene is expected to shrink: so much slack is laid in. */
export const contractionRule: HouseRule<'contraction', ContractionOption> = {
  id: 'contraction',
  topic: 'polyethylene',
  options: ['summer-to-frost', 'own'],
  default: 'summer-to-frost',
  outrankedBy: ['maker'],
  version: 1,
};

/** Of the pipe: as it is laid, and at its coldest in the ground, degrees Fahrenheit. */
export interface Temperatures {
  readonly laying: number;
  readonly coldest: number;
}
export type ContractionChoice =
  | { readonly option: 'summer-to-frost' }
  | ({ readonly option: 'own' } & Temperatures);

/** Pipe warmed by a summer's day, and the ground below the frost in winter. Ours: typical of neither place. */
export const USUAL_TEMPERATURES: Temperatures = { laying: 90, coldest: 32 };

/** The temperatures a choice goes by. */
export const getTemperatures = (choice: ContractionChoice): Temperatures =>
  choice.option === 'own' ? choice : USUAL_TEMPERATURES;

/** Of medium density polyethylene, a length a degree Fahrenheit; high density moves a little less. Likely. */
export const PE_EXPANSION = 1e-4;

/**
 * How much shorter polyethylene of this length (nm) grows from laying to its coldest: ΔL = α·L·ΔT, rounded to a nanometre. Nothing where it is laid
 * as cold as it will ever be. 100 ft, 10 °F: 1.2 in.
 */
export function getContraction(length: Length, { laying, coldest }: Temperatures): Length {
  return Math.max(0, Math.round(length * PE_EXPANSION * (laying - coldest)));
}
