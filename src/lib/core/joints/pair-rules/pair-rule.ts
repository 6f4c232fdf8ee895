import type { Pair } from '../pair.ts';
import type { Ruling } from '../pair-verdict.ts';

/**
 * One rule about two ends. `decide` answers null for a pair that is not its business. No two rules have a pair in common and
 * none is left over: a test goes through every pair there is.
 */
export interface PairRule<Id extends string> {
  readonly id: Id;
  readonly decide: (pair: Pair) => Ruling | null;
}
