import { inches, type Length } from '../units/length.ts';
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

/** What a fused joint takes in all, nm. Three quarters of an inch is to begin with: facer, machine and operator differ. */
export const getFusionLoss = (choice: FusionLossChoice): Length =>
  choice.option === 'own' ? choice.length : inches(0.75);
