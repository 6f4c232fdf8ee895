/** From best to worst but for `never-seals`, the worst of all: it is said loudest. `ask`: an end is not known. */
export const VERDICTS = ['makes', 'makes-only-if', 'never-seals', 'does-not-start', 'ask'] as const;
export type PairVerdictKind = (typeof VERDICTS)[number];

/** What must be so for a pair to make. */
export const CONDITIONS = [
  'sealant', 'real-30-seat', 'both-45', 'both-37', 'new-washer', 'washer-or-cone', 'sleeve-on-tube', 'olive-on-tube',
  'double-flared', 'cutting-ring', 'clean-contact', 'valve-seal-listed', 'flare-the-tube', 'facing-and-heat',
  'stiffener-and-depth', 'press-tool-listed', 'makers-own-fitting', 'same-maker', 'galvanised-allowed', 'listed-for-gas',
  'new-connector', 'soft-tube', 'loose-nut', 'listed-gasket', 'solder-qualified', 'braze-qualified',
] as const; // prettier-ignore
export type Condition = (typeof CONDITIONS)[number];

/** Why a pair does not make. */
export const CAUSES = [
  'end-unknown', 'both-male', 'both-female', 'opposite-hand', 'too-large', 'too-small', 'sixty-in-fifty-five',
  'straight-in-taper', 'taper-in-straight', 'no-seat', 'deburr-edge', 'nothing-between', 'cones-differ', 'other-seat',
  'other-thread', 'bore-not-for-sealing', 'not-for-gas', 'seal-missing', 'tube-too-small', 'tube-too-large',
  'needs-nut', 'walls-differ', 'not-weldable', 'other-size', 'other-kind-of-tube', 'same-half', 'nothing-enters', 'other-gas',
  'hard-tube', 'seal-not-told', 'no-tight-thread', 'two-nuts',
] as const; // prettier-ignore
export type Cause = (typeof CAUSES)[number];

/** Kinds of joint, by where they seal; joint-kinds.ts says what goes on each. */
export const JOINT_KINDS = [
  'npt-in-npt', 'nptf-in-nptf', 'npt-with-nptf', 'npsm-swivel', 'flare-45', 'connector-flare', 'flare-37', 'union',
  'compression', 'inverted-flare', 'cutting-ring', 'contact', 'valve', 'csst', 'press', 'pe-stab', 'pe-fusion', 'r-in-rp',
  'g-washer', 'flange', 'capillary', 'brazed',
] as const; // prettier-ignore
export type JointKindId = (typeof JOINT_KINDS)[number];

/**
 * Which side brings the nut that draws a joint together: the female of two threads, the tube (over which it was put before it was flared), the
 * fitting's own body, one half of a union; `loose`: one of the two is nothing but a nut. Null where there is none: it is screwed, pushed, melted.
 */
export type NutSide = 'female' | 'tube' | 'fitting' | 'half' | 'loose';

/** What a rule answers: what becomes of two ends, without the rule's own name, and without what holds whatever the rule. */
export interface Ruling {
  readonly verdict: PairVerdictKind;
  /** The kind of joint it makes; null where it makes none. */
  readonly joint: JointKindId | null;
  readonly conditions: readonly Condition[];
  readonly cause: Cause | null;
  /** About how many turns a thread that does not belong goes in before it binds; null where that is not the point. */
  readonly turns: number | null;
}

/** It makes this joint; on conditions where there are any but sealant. */
export const makes = (joint: JointKindId, ...conditions: Condition[]): Ruling => ({
  verdict: conditions.some((each) => each !== 'sealant') ? 'makes-only-if' : 'makes',
  joint,
  conditions,
  cause: null,
  turns: null,
});

const fails = (verdict: PairVerdictKind, cause: Cause, turns: number | null): Ruling => ({
  verdict,
  joint: null,
  conditions: [],
  cause,
  turns,
});
/** It looks as if it makes, and never seals; `turns` it goes in by hand where that is told. */
export const neverSeals = (cause: Cause, turns: number | null = null): Ruling =>
  fails('never-seals', cause, turns);
/** The one does not enter the other. */
export const doesNotStart = (cause: Cause): Ruling => fails('does-not-start', cause, null);
/** Nobody can say before something is found out. */
export const askFirst = (cause: 'end-unknown' | 'seal-not-told'): Ruling => fails('ask', cause, null);
