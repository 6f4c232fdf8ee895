/** What a house rule is about: the page shows them by it. */
export const RULE_TOPICS = [
  'lengths',
  'joints',
  'materials',
  'traps',
  'polyethylene',
  'csst',
  'copper',
  'testing',
] as const;
export type RuleTopic = (typeof RULE_TOPICS)[number];

/** A practice on which good fitters differ: its options, the default, and who outranks it. */
export interface HouseRule<Id extends string, Option extends string> {
  readonly id: Id;
  readonly topic: RuleTopic;
  readonly options: readonly Option[];
  readonly default: Option;
  /** Whose word goes before the shop's. */
  readonly outrankedBy: readonly ('local code' | 'maker')[];
  readonly version: number;
}

/** A house rule that is a choice among schools and nothing more. `mayAdd`: a shop can add an option of its own, with its reason. */
export interface PlainHouseRule<Id extends string, Option extends string> extends HouseRule<Id, Option> {
  readonly mayAdd: boolean;
}

/** Keeps the ids and options of a rule as literal types. */
export const plainRule = <const Id extends string, const Option extends string>(
  rule: PlainHouseRule<Id, Option>,
): PlainHouseRule<Id, Option> => rule;

/** What was chosen of a plain rule: one of its schools, or the shop's own with its reason. */
export type PlainChoice<Option extends string> =
  | { readonly option: Option }
  | { readonly option: 'own'; readonly name: string; readonly reason: string };
