import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type PressSpacingOption = 'two-inches' | 'own';

/** How much pipe must stand between two pressed fittings, so that the jaws close on each and neither ring is hurt. */
export const pressSpacingRule: HouseRule<'press-spacing', PressSpacingOption> = {
  id: 'press-spacing',
  topic: 'joints',
  options: ['two-inches', 'own'],
  default: 'two-inches',
  outrankedBy: ['maker'],
  version: 1,
};

export type PressSpacingChoice =
  | { readonly option: 'two-inches' }
  /** As the maker's sheet has it for the size, nm. */
  | { readonly option: 'own'; readonly length: Length };

/** Two inches: ours. */
export const PRESS_SPACING = roundInches(2);

/** The least piece between two pressed fittings, nm. */
export const getPressSpacing = (rules: TapeRule & { readonly 'press-spacing': PressSpacingChoice }): Length =>
  rules['press-spacing'].option === 'own' ? rules['press-spacing'].length : onTapeOf(rules, PRESS_SPACING);
