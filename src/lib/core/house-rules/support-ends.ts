import { inches, type Length } from '../units/length.ts';
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
  { readonly option: 'twelve-inches' } | { readonly option: 'own'; readonly length: Length };

/** How far from the end of a leg, nm. Twelve inches is ours. */
export const getSupportEnd = (choice: SupportEndsChoice): Length =>
  choice.option === 'own' ? choice.length : inches(12);
