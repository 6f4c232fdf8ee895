import type { HouseRules } from '../house-rules/house-rules.ts';
import { INCH, type Length } from '../units/length.ts';

const LEAST = { any: 0, 'three-inch': 3 * INCH, 'four-inch': 4 * INCH } as const;

/** Which length of a trap is held against the least; nipples where no school says otherwise. */
export function getMeasured(rules: HouseRules): 'nipple' | 'exposed' | 'pocket' {
  const { option } = rules['trap-measured'];
  return option === 'own' ? 'nipple' : option;
}

/** The least length of a trap by the house rule, nm (of what `trap-measured` names); null where the shop has a way of its own. */
export function getLeastLength(rules: HouseRules): Length | null {
  const { option } = rules['trap-nipple'];
  return option === 'own' ? null : LEAST[option];
}
