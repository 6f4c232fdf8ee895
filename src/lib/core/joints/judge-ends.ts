import type { EndRegistry } from '#core/catalogue';
import type { End } from '#core/ends';
import type { HouseRules } from '#core/house-rules';
import { checkJoint } from './check-joint.ts';
import { judgeByHouse, type JudgedJoint } from './house-ruling.ts';
import { JOINTS } from './kinds/joint-kinds.ts';

/** What becomes of two ends, by the one judge of pairs, with the house's ruling beside it. */
export function judgeEnds(a: End, b: End, ends: EndRegistry, rules: HouseRules): JudgedJoint {
  const pair = [ends.figure(a), ends.figure(b)] as const;
  return judgeByHouse(checkJoint(...pair), pair, rules);
}

/** What becomes of two ends, whatever the house says: and whether they go together by screwing one into the other. */
export function joinEnds(
  a: End,
  b: End,
  ends: EndRegistry,
): { verdict: ReturnType<typeof checkJoint>; screws: boolean } {
  const verdict = checkJoint(ends.figure(a), ends.figure(b));
  return { verdict, screws: verdict.joint !== null && JOINTS[verdict.joint].tightening.by === 'engagement' };
}
