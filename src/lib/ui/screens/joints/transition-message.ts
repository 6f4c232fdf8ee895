import type { End } from '#core/ends/end.ts';
import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import type { Movement, TransitionAnswer, Wish } from '#core/transitions/find-transitions.ts';

/** What is asked of the thread that looks for chains. The last question counts: older answers are let go of. */
export interface TransitionAsked {
  readonly id: number;
  readonly from: End;
  readonly to: End;
  readonly moves: readonly [Movement, Movement];
  /** Whether it may be narrower than the smaller of the two ends. */
  readonly mayNarrow: boolean;
  readonly wish: Wish;
  readonly rules: RuleChoices;
}

export type TransitionTold =
  | { readonly id: number; readonly answer: TransitionAnswer }
  | { readonly id: number; readonly unreadable: true };
