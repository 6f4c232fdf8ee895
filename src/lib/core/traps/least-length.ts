import type { HouseRules } from '#core/house-rules';
import { type Length, onTapeOf, roundInches } from '#core/units';

/** How long each school has it. Three inches: the least most codes name; four satisfy all that count the nipple. */
export const TRAP_LENGTHS = {
  any: roundInches(0),
  'three-inch': roundInches(3),
  'four-inch': roundInches(4),
} as const;

/** Which length of a trap is held against the least; nipples where no school says otherwise. */
export function getMeasured(rules: HouseRules): 'nipple' | 'exposed' | 'pocket' {
  const { option } = rules['trap-measured'];
  return option === 'own' ? 'nipple' : option;
}

/** The least length of a trap by the house rule, nm (of what `trap-measured` names); null where the shop has a way of its own. */
export function getLeastLength(rules: HouseRules): Length | null {
  const { option } = rules['trap-nipple'];
  return option === 'own' ? null : onTapeOf(rules, TRAP_LENGTHS[option]);
}
