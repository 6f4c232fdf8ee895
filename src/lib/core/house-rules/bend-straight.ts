import type { Length } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type BendStraightOption = 'one-diameter' | 'own';

/** How much straight tube a bender needs between two bends. */
export const bendStraightRule: HouseRule<'bend-straight', BendStraightOption> = {
  id: 'bend-straight',
  topic: 'copper',
  options: ['one-diameter', 'own'],
  default: 'one-diameter',
  outrankedBy: ['maker'],
  version: 1,
};

export type BendStraightChoice =
  | { readonly option: 'one-diameter' }
  /** As the bender has it, nm. */
  | { readonly option: 'own'; readonly length: Length };

/** The least straight between two bends of a tube of this outside, nm. One outside is ours. */
export const getLeastStraight = (choice: BendStraightChoice, outside: Length): Length =>
  choice.option === 'own' ? choice.length : outside;
