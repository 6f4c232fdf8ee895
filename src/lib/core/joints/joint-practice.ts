import type { HouseRules, RuleId } from '#core/house-rules';
import type { JointKind, MadeAgain } from './kinds/joint-kind.ts';

/** What the house does at a joint of a kind, and the rules that decided it. */
export interface JointPractice {
  /** What goes on a thread that takes sealant; null where nothing goes on. */
  readonly sealant: HouseRules['sealant'] | null;
  /** What holds the part that is made already; null where nothing turns. */
  readonly holds: HouseRules['who-holds'] | null;
  /** What a pipe wrench may grip; null where none is used. */
  readonly grips: HouseRules['gripping'] | null;
  readonly madeAgain: MadeAgain;
  /** In the order of the page of house rules. */
  readonly decidedBy: readonly RuleId[];
}

/** What the house rules make of a kind of joint. A joint seals in one place: no rule puts sealant where none goes. */
export function findPractice(kind: JointKind, rules: HouseRules): JointPractice {
  const isSealed = kind.sealant === 'required';
  const isWrenched = kind.turnedBy === 'pipe-wrench';
  const mayBeAgain = kind.madeAgain === 'clean-once';
  const sealant = isSealed ? rules.sealant : null;
  const isTaped = sealant?.option === 'tape' || sealant?.option === 'both';
  const decidedBy: [RuleId, boolean][] = [
    ['engagement-figure', kind.tightening.by === 'engagement'],
    ['how-tight', kind.tightening.by === 'engagement'],
    ['tape-wraps', isTaped],
    ['sealant', isSealed],
    ['who-holds', kind.secondWrench],
    ['gripping', isWrenched],
    ['remaking', mayBeAgain],
  ];
  return {
    sealant,
    holds: kind.secondWrench ? rules['who-holds'] : null,
    grips: isWrenched ? rules.gripping : null,
    madeAgain: mayBeAgain && rules.remaking.option === 'never' ? 'never' : kind.madeAgain,
    decidedBy: decidedBy.flatMap(([rule, decides]) => (decides ? [rule] : [])),
  };
}
