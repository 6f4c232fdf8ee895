import type { BodyPlaced, JointPlaced } from './placed.ts';
import type { PartPlaced } from '#core/catalogue';
import type { ZoneId } from './zone.ts';
import type { HouseRules, RuleId, Jurisdiction } from '#core/house-rules';

/** From best to worst. `ask`: nobody here can say, which is never fine. */
export const PERMITS = ['allowed', 'if', 'ask', 'forbidden'] as const;
export type Permit = (typeof PERMITS)[number];

/** What must be so. */
export const PERMIT_CONDITIONS = [
  'bonded', 'strike-plates', 'listed-concealed', 'vented', 'vented-conduit', 'listed-sleeve', 'coated', 'corrosion-protected',
  'guarded', 'jacket-whole', 'no-dissimilar-metal', 'clips-and-grommets', 'accessible', 'counted',
  'tested-before-fill', 'cover-and-tracer', 'sleeve-or-grommet', 'above-grade', 'building-shut-off',
  'only-in-a-repair', 'vent-led', 'listed-outdoors', 'copper-olives',
] as const; // prettier-ignore
export type PermitCondition = (typeof PERMIT_CONDITIONS)[number];

/** Why it is forbidden, or has to be asked. */
export const PERMIT_REASONS = [
  'never-in-ducts', 'only-in-the-ground', 'no-joint-under-slab', 'comes-apart-concealed', 'comes-apart-in-ground', 'not-for-the-ground',
  'maker-and-code', 'moves-with-what-shakes', 'chlorides',
  'must-be-reached', 'flexible-in-sight', 'lengthwise-in-cavity', 'gas-may-eat-copper', 'house-forbids', 'own-way', 'not-settled',
] as const; // prettier-ignore
export type PermitReason = (typeof PERMIT_REASONS)[number];

/** A rule's answer. */
export interface PermitRuling {
  readonly permit: Permit;
  readonly conditions: readonly PermitCondition[];
  readonly reason: PermitReason | null;
  /** The house rule that decides it, and by which the house can change it; null where none does. */
  readonly by: RuleId | null;
}

/** What places are asked about: pipe, joints, parts. */
export type AnyPlaced = BodyPlaced | JointPlaced | PartPlaced;

/** What is asked: whether a pipe, or a joint or part, may be in a place. */
export interface PlaceQuestion<What extends AnyPlaced = AnyPlaced> {
  readonly what: What;
  readonly zone: ZoneId;
  readonly jurisdiction: Jurisdiction;
  readonly rules: HouseRules;
}

/** A rule about pipe, joints or parts: null where the question is none of its business. */
export interface PermitRule<What extends AnyPlaced> {
  readonly id: string;
  decide(question: PlaceQuestion<What>): PermitRuling | null;
}

/** Nothing is asked. */
export const allowed: PermitRuling = { permit: 'allowed', conditions: [], reason: null, by: null };
/** Allowed where all of this is so. */
export const allowedIf = (...conditions: readonly PermitCondition[]): PermitRuling => ({
  permit: 'if',
  conditions,
  reason: null,
  by: null,
});
/** Somebody else has to say. */
export const ask = (reason: PermitReason = 'not-settled', by: RuleId | null = null): PermitRuling => ({
  permit: 'ask',
  conditions: [],
  reason,
  by,
});
/** Not allowed, and why; `by` a house rule that could have it otherwise. */
export const forbidden = (reason: PermitReason, by: RuleId | null = null): PermitRuling => ({
  permit: 'forbidden',
  conditions: [],
  reason,
  by,
});
