import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type SupportEndsOption = 'twelve-inches' | 'own';

/** How near to the fitting at each end of a leg its first and its last support stand. */
export const supportEndsRule: HouseRule<'support-ends', SupportEndsOption> = {
  id: 'support-ends',
  topic: 'materials',
  options: ['twelve-inches', 'own'],
  default: 'twelve-inches',
  outrankedBy: ['local code', 'maker'],
  version: 1,
};

export type SupportEndsChoice =
  | { readonly option: 'twelve-inches' }
  | { readonly option: 'own'; readonly length: Length };

/** Twelve inches: ours. */
export const SUPPORT_END = roundInches(12);

/** How far from the end of a leg, nm. */
export const getSupportEnd = (rules: TapeRule & { readonly 'support-ends': SupportEndsChoice }): Length =>
  rules['support-ends'].option === 'own' ? rules['support-ends'].length : onTapeOf(rules, SUPPORT_END);
