import { JOINTS } from './kinds/joint-kinds.ts';
import type { HouseRules, PlainRuleId } from '#core/house-rules';
import type { FiguredEnd } from '#core/catalogue';
import type { JointKindId } from './pair-verdict.ts';
import type { PairVerdict } from './check-joint.ts';

/** What the house asks for where it does not simply allow or forbid. `own-way`: what the shop has written itself. */
export const HOUSE_CONDITIONS = ['existing-work', 'copper-olive', 'accessible', 'own-way'] as const;
export type HouseCondition = (typeof HOUSE_CONDITIONS)[number];

/** What a house rule says of a joint that would make; local code and the maker's sheet go before it. */
export interface HouseRuling {
  readonly rule: PlainRuleId;
  readonly ruling: 'allows' | 'only-if' | 'forbids';
  readonly condition: HouseCondition | null;
}

const ALLOWS = { ruling: 'allows', condition: null } as const;
const FORBIDS = { ruling: 'forbids', condition: null } as const;
const onlyIf = (condition: HouseCondition) => ({ ruling: 'only-if', condition }) as const;

/** Rules that allow or forbid a joint: what each of their schools says of it, and which joints are their business. */
type Says<Id extends PlainRuleId> = Readonly<
  Record<Exclude<HouseRules[Id]['option'], 'own'>, Omit<HouseRuling, 'rule'>>
>;
interface Permit<Id extends PlainRuleId> {
  readonly concerns: (joint: JointKindId, ends: readonly FiguredEnd[]) => boolean;
  readonly says: (joint: JointKindId) => Says<Id>;
}
const PERMITS: {
  readonly [Id in 'galvanised' | 'compression' | 'concealed' | 'joining-pe' | 'soft-solder']: Permit<Id>;
} = {
  galvanised: {
    concerns: (_, ends) => ends.some((end) => end.kind === 'thread' && end.metal === 'galvanised'),
    says: () => ({ forbidden: FORBIDS, 'existing-only': onlyIf('existing-work'), allowed: ALLOWS }),
  },
  compression: {
    concerns: (joint) => joint === 'compression',
    says: () => ({
      forbidden: FORBIDS,
      'copper-olives': onlyIf('copper-olive'),
      accessible: onlyIf('accessible'),
    }),
  },
  concealed: {
    concerns: (joint) => JOINTS[joint].worksLoose,
    says: () => ({ forbidden: onlyIf('accessible'), repairs: onlyIf('accessible'), allowed: ALLOWS }),
  },
  'joining-pe': {
    concerns: (joint) => joint === 'pe-fusion' || joint === 'pe-stab',
    says: (joint) => ({
      fusion: joint === 'pe-fusion' ? ALLOWS : FORBIDS,
      stab: joint === 'pe-stab' ? ALLOWS : FORBIDS,
      either: ALLOWS,
    }),
  },
  'soft-solder': {
    concerns: (joint) => joint === 'capillary' || joint === 'brazed',
    says: (joint) => ({
      forbidden: FORBIDS,
      capillary: ALLOWS,
      brazing: joint === 'brazed' ? ALLOWS : FORBIDS,
    }),
  },
};

/** A joint with what the house says of it, beside what the two ends do. */
export interface JudgedJoint extends PairVerdict {
  readonly house: readonly HouseRuling[];
}

/**
 * Puts what the house says beside what becomes of two ends. What makes nothing is not the house's business. A condition that
 * the house settles is one no more: galvanised metal that is allowed makes like any other.
 */
export function judgeByHouse(
  found: PairVerdict,
  ends: readonly FiguredEnd[],
  rules: HouseRules,
): JudgedJoint {
  const { joint } = found;
  if (joint === null) return { ...found, house: [] };
  const house = (Object.keys(PERMITS) as (keyof typeof PERMITS)[]).flatMap((rule): HouseRuling[] =>
    PERMITS[rule].concerns(joint, ends) ? [{ rule, ...sayPermit(rule, joint, rules) }] : [],
  );
  const conditions = found.conditions.filter((each) => each !== 'galvanised-allowed');
  const isFree =
    conditions.every((each) => each === 'sealant') && house.every(({ ruling }) => ruling === 'allows');
  return { ...found, verdict: isFree ? 'makes' : 'makes-only-if', conditions, house };
}

/**
 * What the house says of a kind of joint whatever its ends are made of and wherever it is: may it be made at all, and with what. Where it may
 * be concealed is the place's business.
 */
export const ruleByHouse = (joint: JointKindId, rules: HouseRules): readonly HouseRuling[] =>
  (['compression', 'joining-pe', 'soft-solder'] as const).flatMap((rule): HouseRuling[] =>
    PERMITS[rule].concerns(joint, []) ? [{ rule, ...sayPermit(rule, joint, rules) }] : [],
  );

function sayPermit(
  rule: keyof typeof PERMITS,
  joint: JointKindId,
  rules: HouseRules,
): Omit<HouseRuling, 'rule'> {
  const { option } = rules[rule];
  const says: Readonly<Record<string, Omit<HouseRuling, 'rule'>>> = PERMITS[rule].says(joint);
  // A way of the shop's own is in its own words: nobody can say here that it is fine.
  return says[option] ?? onlyIf('own-way');
}

/** Whether the house forbids what would make. */
export const isForbidden = ({ house }: JudgedJoint): boolean =>
  house.some(({ ruling }) => ruling === 'forbids');
