import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type FusionLossOption = 'three-quarters' | 'own';

/** How much length facing and melting take at a butt-fused joint, half of it from each side. */
export const fusionLossRule: HouseRule<'fusion-loss', FusionLossOption> = {
  id: 'fusion-loss',
  topic: 'polyethylene',
  options: ['three-quarters', 'own'],
  default: 'three-quarters',
  outrankedBy: ['maker'],
  version: 1,
};

export type FusionLossChoice =
  | { readonly option: 'three-quarters' }
  /** As joints of this shop came out, nm a joint. */
  | { readonly option: 'own'; readonly length: Length };

/** To begin with: facer, machine and operator differ. */
export const FUSION_LOSS = roundInches(0.75, 20);

/** What a fused joint takes in all, nm. */
export const getFusionLoss = (rules: TapeRule & { readonly 'fusion-loss': FusionLossChoice }): Length =>
  rules['fusion-loss'].option === 'own' ? rules['fusion-loss'].length : onTapeOf(rules, FUSION_LOSS);
