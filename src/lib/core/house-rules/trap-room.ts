import { INCH, type Length } from '../units/length.ts';
import type { HouseRule } from './house-rule.ts';

export type TrapRoomOption = 'two-inch' | 'own';

/** How much room a wrench has under the cap of a sediment trap, besides what the cap comes down while it is unscrewed. */
export const trapRoomRule: HouseRule<'trap-room', TrapRoomOption> = {
  id: 'trap-room',
  topic: 'traps',
  options: ['two-inch', 'own'],
  default: 'two-inch',
  outrankedBy: ['local code'],
  version: 1,
};

export type TrapRoomChoice =
  | { readonly option: 'two-inch' }
  /** The shop's own, nm. */
  | { readonly option: 'own'; readonly length: Length };

/** The room for the wrench of a choice, nm. Two inches are ours: the head of a wrench and the fingers round it. */
export const getWrenchRoom = (choice: TrapRoomChoice): Length =>
  choice.option === 'own' ? choice.length : 2 * INCH;
