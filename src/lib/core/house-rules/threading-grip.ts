import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type GripOption = 'one-inch' | 'own';

/** What the threading machine or vise must hold between the two threads of a piece. */
export const threadingGripRule: HouseRule<'threading-grip', GripOption> = {
  id: 'threading-grip',
  topic: 'lengths',
  options: ['one-inch', 'own'],
  default: 'one-inch',
  outrankedBy: ['maker'],
  version: 1,
};

export type GripChoice =
  | { readonly option: 'one-inch' }
  /** Measured on this shop's machine, nm. */
  | { readonly option: 'own'; readonly length: Length };

/** What most jaws hold safely: an assumption. */
export const USUAL_GRIP = roundInches(1);

/** The grip of a choice, nm. */
export const getGrip = (rules: TapeRule & { readonly 'threading-grip': GripChoice }): Length =>
  rules['threading-grip'].option === 'own' ? rules['threading-grip'].length : onTapeOf(rules, USUAL_GRIP);
