export { type PairVerdict, checkJoint } from './check-joint.ts';
export { type ClockingStop, type NoStop, findStops, getEngagementAt, getTurns } from './clocking.ts';
export { SPOKEN_SIZES } from './end-words.ts';
export { findNutSide } from './find-nut-side.ts';
export {
  type HouseCondition,
  type HouseRuling,
  type JudgedJoint,
  isForbidden,
  judgeByHouse,
  ruleByHouse,
} from './house-ruling.ts';
export { findPractice } from './joint-practice.ts';
export { joinEnds, judgeEnds } from './judge-ends.ts';
export type { JointFamily, JointKind, MadeAgain, Turner } from './kinds/joint-kind.ts';
export { JOINTS } from './kinds/joint-kinds.ts';
export { findNearWord } from './near-word.ts';
export { findTubeOutside } from './nut-tube.ts';
export { PAIR_RULES, type PairRuleId } from './pair-rules/pair-rules.ts';
export {
  CONDITIONS,
  type Cause,
  type Condition,
  JOINT_KINDS,
  type JointKindId,
  type NutSide,
  type PairVerdictKind,
  VERDICTS,
} from './pair-verdict.ts';
export { type Pair, type ThreadPair, type ThreadSystem, getSystem, makePair } from './pair.ts';
export { type EndReading, readEndName } from './read-end-name.ts';
export { type SealantNeeded, getSealant } from './sealant.ts';
export { getSpecimenEnd, makeFoundEnd } from './specimen-end.ts';
export { getThreadStart } from './thread-start.ts';
export { type AskedTightness, type Tightness, findAsked, findFaceGap, getTightness } from './tightness.ts';
export { getWrench } from './wrench.ts';
