import { INCH, type Length } from '../units/length.ts';
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

/** The grip of a choice, nm. */
export const getGrip = (choice: GripChoice): Length => (choice.option === 'own' ? choice.length : INCH);
