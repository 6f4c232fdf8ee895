import { type Length, roundInches } from '#core/units';
import type { HouseRule } from './house-rule.ts';

export type KerfOption = 'wheel-cutter' | 'saw';

/** What is lost of the stock at every cut: nothing under a wheel cutter, the width of the blade's cut under a saw. */
export const sawKerfRule: HouseRule<'saw-kerf', KerfOption> = {
  id: 'saw-kerf',
  topic: 'lengths',
  options: ['wheel-cutter', 'saw'],
  default: 'wheel-cutter',
  outrankedBy: [],
  version: 1,
};

export type KerfChoice =
  | { readonly option: 'wheel-cutter' }
  /** Width of the cut, nm. */
  | { readonly option: 'saw'; readonly width: Length };

/** Where a shop has not measured its blade's cut yet; an assumption, said as such. */
export const USUAL_KERFS = roundInches(1 / 16, 2);

/** What one cut takes, nm. */
export const getKerf = (choice: KerfChoice): Length => (choice.option === 'saw' ? choice.width : 0);
