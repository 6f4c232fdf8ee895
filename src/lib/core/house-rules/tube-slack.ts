import { INCH, type Length } from '../units/length.ts';
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

/**
 * The slack of tubing this long (nm), rounded to a nanometre: the house's share of it, and at least an inch where it lies straight, so that it
 * never hangs taut between two ends. Ours; the maker's sheet goes before it.
 */
export function getSlack(choice: PlainChoice<SlackOption>, developed: Length, isStraight: boolean): Length {
  const share = choice.option === 'own' ? 0 : SHARES[choice.option];
  if (share === 0) return 0;
  return Math.max(Math.round(developed * share), isStraight ? INCH : 0);
}
