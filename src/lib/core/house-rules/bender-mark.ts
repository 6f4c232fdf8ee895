import { type Length, roundInches } from '#core/units';
import type { Bender, ShoeMark } from '#core/bending';
import type { HouseRule } from './house-rule.ts';

/** What of a bend lies at the mark that the bender's shoe takes. */
export const benderMarkRule: HouseRule<'bender-mark', ShoeMark> = {
  id: 'bender-mark',
  topic: 'copper',
  options: ['start', 'centre', 'shoe-front'],
  default: 'start',
  outrankedBy: ['maker'],
  version: 1,
};

export type BenderMarkChoice =
  | { readonly option: 'start' | 'centre' }
  /** How far the front of the shoe stands before the beginning of the bend, measured on this bender, nm. */
  | { readonly option: 'shoe-front'; readonly length: Length };

/** About what a shoe stands ahead; to be measured. */
export const USUAL_AHEAD = roundInches(0.5, 12);

/** The bender of a choice. */
export const getBender = (choice: BenderMarkChoice): Bender => ({
  mark: choice.option,
  ahead: choice.option === 'shoe-front' ? choice.length : 0,
});
