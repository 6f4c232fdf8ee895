import { type Length, roundInches } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type NipplesOption = 'bought-to-12' | 'bought-when-too-short' | 'cut-in-house';

/** Which short pieces are bought ready threaded, and which the shop threads itself. */
export const nipplesRule: HouseRule<'nipples', NipplesOption> = {
  id: 'nipples',
  topic: 'lengths',
  options: ['bought-to-12', 'bought-when-too-short', 'cut-in-house'],
  default: 'bought-to-12',
  outrankedBy: [],
  version: 1,
};

/** Bought lengths vary by about this much, and a joint takes it up: the default tolerance. */
export const NIPPLE_TOLERANCES = roundInches(1 / 16, 2);

/** How far (nm) a bought nipple may be from the exact cut it stands for. */
export interface NipplesChoice {
  readonly option: NipplesOption;
  readonly tolerance: Length;
}
