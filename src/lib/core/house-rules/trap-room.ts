import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
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

/** The head of a wrench and the fingers round it. Ours. */
export const WRENCH_ROOM = roundInches(2);

/** The room for the wrench of a choice, nm. */
export const getWrenchRoom = (rules: TapeRule & { readonly 'trap-room': TrapRoomChoice }): Length =>
  rules['trap-room'].option === 'own' ? rules['trap-room'].length : onTapeOf(rules, WRENCH_ROOM);
