import { type HouseRules, type PlainRuleId, getTrapKinds } from '#core/house-rules';
import type { Plate } from '#core/runs/document';

/** Whether an appliance gets a sediment trap, and what says so. */
export type TrapRequirement =
  | { readonly is: 'required' | 'not-required'; readonly by: PlainRuleId | 'trap-kinds' }
  /** One is built into the appliance: none is added. */
  | { readonly is: 'built-in' }
  /** What kind of appliance it is was not said, or is one of the shop's own; or the shop's own way says it in words. */
  | { readonly is: 'ask'; readonly about: 'kind' | 'own-kind' | 'own-way' };

/**
 * Whether an appliance gets a sediment trap, by the house rule and its list; the local code and the maker's sheet go before both. What is
 * built in settles it; where the kind decides and is not known, it is asked.
 */
export function findRequirement({ what, hasTrap }: Plate, rules: HouseRules): TrapRequirement {
  if (hasTrap === true) return { is: 'built-in' };
  const { option } = rules['trap-needed'];
  if (option === 'own') return { is: 'ask', about: 'own-way' };
  if (option === 'none') return { is: 'not-required', by: 'trap-needed' };
  if (option === 'every-appliance') return { is: 'required', by: 'trap-needed' };
  if (what === null) return { is: 'ask', about: 'kind' };
  if (what === 'own') return { is: 'ask', about: 'own-kind' };
  const isListed = getTrapKinds(rules['trap-kinds']).includes(what);
  return { is: isListed ? 'required' : 'not-required', by: 'trap-kinds' };
}
