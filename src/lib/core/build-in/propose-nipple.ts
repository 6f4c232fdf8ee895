import { getCraft, type Settings } from '#core/materials';
import { INCH, type Length } from '#core/units';
import { type Drop, getLeastLength, getMeasured } from '#core/traps';
import type { TrapWish } from './trap-wish.ts';

export interface ProposedNipple {
  readonly length: Length;
  readonly typed: string;
}

/** Lengths where none are listed: cut in whole inches. */
const CUT: readonly Length[] = [3, 4, 5, 6, 7, 8].map((inches) => inches * INCH);
/**
 * What the engagement of both ends is taken to come to at most, nm, a bound of ours: twice the effective thread of 2 in (0.757 in), rounded
 * up. A rule that counts what shows asks a nipple so much longer.
 */
const BOTH_ENDS: Length = 1.7 * INCH;

/** A length as it would be typed, in inches to the hundred-thousandth; empty where that does not say it exactly. */
export function typeInches(length: Length): string {
  const inches = Number((length / INCH).toFixed(5));
  return Math.round(inches * INCH) === length ? `${inches} in` : '';
}

/**
 * The nipples a trap is tried with, the shortest first: the wished one, or those that are bought and satisfy the house rule. Where the rule
 * counts what shows or the pocket, the layout has the last word; here no nipple that could satisfy it is left out.
 */
export function proposeNipples(
  { layout: { rules, catalogue } }: Drop,
  settings: Settings,
  { nipple }: TrapWish,
): ProposedNipple[] {
  if (nipple) return [nipple];
  const listed = getCraft(settings).listBought(settings, catalogue);
  const least = Math.max(getLeastLength(rules) ?? 0, 3 * INCH);
  const asked = getMeasured(rules) === 'nipple' ? least : least - BOTH_ENDS;
  return (listed.length > 0 ? listed : CUT)
    .filter((length) => length >= asked)
    .map((length) => ({ length, typed: typeInches(length) }));
}
