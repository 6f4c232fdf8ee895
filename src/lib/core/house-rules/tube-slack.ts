import { type Length, onTapeOf, roundInches, type TapeRule } from '#core/units';
import { plainRule, type PlainChoice } from './house-rule.ts';

/** How much more corrugated tubing is cut than its way is long. */
export const tubeSlackRule = plainRule({
  id: 'tube-slack',
  topic: 'csst',
  options: ['three-percent', 'five-percent', 'none'],
  default: 'three-percent',
  outrankedBy: ['maker'],
  mayAdd: false,
  version: 1,
});

type SlackOption = (typeof tubeSlackRule.options)[number];
const SHARES: Readonly<Record<SlackOption, number>> = {
  'three-percent': 0.03,
  'five-percent': 0.05,
  none: 0,
};

/** Where it lies straight, it has this much at least, so that it never hangs taut between two ends. Ours. */
export const LEAST_SLACK = roundInches(1);

/**
 * The slack of tubing this long (nm), rounded to a nanometre: the house's share of it, and no less than `LEAST_SLACK` where it
 * lies straight; the maker's sheet goes before it.
 */
export function getSlack(
  rules: TapeRule & { readonly 'tube-slack': PlainChoice<SlackOption> },
  developed: Length,
  isStraight: boolean,
): Length {
  const { option } = rules['tube-slack'];
  const share = option === 'own' ? 0 : SHARES[option];
  if (share === 0) return 0;
  return Math.max(Math.round(developed * share), isStraight ? onTapeOf(rules, LEAST_SLACK) : 0);
}
