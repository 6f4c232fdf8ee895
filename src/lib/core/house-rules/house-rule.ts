/** A practice on which good fitters differ: its options, the default, and who outranks the shop's choice. */
export interface HouseRule<Id extends string, Option extends string> {
  readonly id: Id;
  readonly options: readonly Option[];
  readonly default: Option;
  /** Whose word goes before the shop's. */
  readonly outrankedBy: readonly ('local code' | 'maker')[];
  readonly version: number;
}
