import type { Gas } from '#core/house-rules/jurisdictions.ts';
import type { End } from '#core/ends/end.ts';
import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import type { ShopPart } from '#core/catalogue/shop-part.ts';
import type { Side } from '#core/catalogue/side.ts';
import type { Where } from '#core/transitions/transition-index.ts';
import type { TransitionAnswer } from '#core/transitions/find-transitions.ts';
import type { Bearer, Movement, Wish } from '#core/transitions/question.ts';

/** What is asked of the thread that looks for chains. The last question counts: older answers are let go of. */
export interface TransitionAsked {
  readonly id: number;
  readonly from: End;
  readonly to: End;
  readonly moves: readonly [Movement, Movement];
  readonly bearers: readonly [Bearer, Bearer];
  readonly sides: readonly [Side, Side];
  readonly gas: Gas | null;
  readonly insulates: boolean;
  /** Whether it may be narrower than the smaller of the two ends. */
  readonly mayNarrow: boolean;
  readonly wish: Wish;
  readonly rules: RuleChoices;
  readonly where: Where;
  readonly shopParts: readonly ShopPart[];
}

export type TransitionTold =
  | { readonly id: number; readonly answer: TransitionAnswer }
  | { readonly id: number; readonly unreadable: true };
