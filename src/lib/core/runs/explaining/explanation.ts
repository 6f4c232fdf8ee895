import type { Provenance, PartLength } from '#core/catalogue';
import type { RuleId } from '#core/house-rules';

/** The quantities that stand in formulas. */
export type Quantity =
  | 'cut-length' | 'on-tape' | 'centre-to-centre' | 'face-to-face' | 'take-off' | 'reach' | 'reach-male' | 'engagement'
  | 'hand-tight' | 'turns' | 'threads-per-inch' | 'thread-length' | 'threads-showing' | 'rounding-error'
  | 'turns-asked' | 'set' | 'roll' | 'true-set' | 'run' | 'travel' | 'measured' | 'to-centre' | 'between-centres'
  | 'place' | 'nipple' | 'line-error' | 'developed' | 'straight' | 'gain' | 'radius' | 'degrees' | 'setback' | 'arc' | 'slack'
  | 'trim' | 'goes-in' | 'slant'; // prettier-ignore

/** One value of a formula: nm for lengths, otherwise a plain number. */
export interface Term {
  readonly quantity: Quantity;
  readonly value: number;
  readonly isLength: boolean;
  /** Which end it belongs to: `station:leg`. */
  readonly end: string | null;
  readonly provenance: Provenance | null;
  readonly standing: PartLength['standing'] | null;
  /** The measure it was read from. */
  readonly measure: string | null;
}

export type FormulaCode =
  | 'cut-by-allowances' | 'face-to-face' | 'cut-by-make-in' | 'on-tape' | 'on-tape-in-line' | 'nipple' | 'take-off'
  | 'engagement-shop-table' | 'engagement-hand-tight-plus-turns' | 'engagement-own-measured'
  | 'turns-past-hand-tight' | 'threads-showing' | 'true-set' | 'travel' | 'run-of-offset' | 'made-up'
  | 'measure-to-centres' | 'sum-of-measures' | 'between-places' | 'along-slant' | 'setback' | 'arc' | 'gain' | 'developed' | 'on-tape-tube'; // prettier-ignore

/** A formula with its values: result = f(terms), in the order the formula names them. */
export interface Working {
  readonly formula: FormulaCode;
  readonly result: Term;
  readonly terms: readonly Term[];
  /** The house rule that chose this formula or figure. */
  readonly rule: RuleId | null;
}

/** Why a number is what it is. */
export interface Explanation {
  readonly subject: string;
  readonly about: 'piece' | 'joint' | 'leg';
  readonly workings: readonly Working[];
}

/** A length of a formula, nm. */
export const term = (quantity: Quantity, value: number, more: Partial<Term> = {}): Term => ({
  quantity,
  value,
  isLength: true,
  end: null,
  provenance: null,
  standing: null,
  measure: null,
  ...more,
});

/** A number of a formula that is no length. */
export const count = (quantity: Quantity, value: number, more: Partial<Term> = {}): Term =>
  term(quantity, value, { isLength: false, ...more });
