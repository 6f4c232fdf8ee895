import { type Length, onTapeOf, roundFeet, type RoundFigure, type TapeRule } from '#core/units';
import { plainRule, type PlainChoice } from './house-rule.ts';

/** How far along the pipe an appliance's own shut-off may stand from it. */
export const shutOffReachRule = plainRule({
  id: 'shut-off-reach',
  topic: 'traps',
  options: ['ask', 'three-feet', 'six-feet'],
  default: 'six-feet',
  outrankedBy: ['local code'],
  mayAdd: true,
  version: 1,
});

type ReachOption = (typeof shutOffReachRule.options)[number];

/** Six feet as the model codes of the United States have them; three are ours. */
export const SHUT_OFF_REACHES: Readonly<Record<Exclude<ReachOption, 'ask'>, RoundFigure>> = {
  'three-feet': roundFeet(3),
  'six-feet': roundFeet(6),
};

/** The most pipe between the shut-off and the appliance, nm; null where the house asks, or has its own way in words. Six feet: US model codes. */
export function getShutOffReach(
  rules: TapeRule & { readonly 'shut-off-reach': PlainChoice<ReachOption> },
): Length | null {
  const { option } = rules['shut-off-reach'];
  return option === 'own' || option === 'ask' ? null : onTapeOf(rules, SHUT_OFF_REACHES[option]);
}
