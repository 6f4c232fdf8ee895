import { FOOT, type Length } from '../units/length.ts';
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

/** The most pipe between the shut-off and the appliance, nm; null where the house asks, or has its own way in words. Six feet: US model codes. */
export const getShutOffReach = ({ option }: PlainChoice<ReachOption>): Length | null =>
  option === 'six-feet' ? 6 * FOOT : option === 'three-feet' ? 3 * FOOT : null;
