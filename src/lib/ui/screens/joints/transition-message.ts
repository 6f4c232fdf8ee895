import type { RuleChoices } from '#core/house-rules/house-rules.ts';
import type { ShopPart } from '#core/catalogue/shop-part.ts';
import type { Where } from '#core/transitions/transition-index.ts';
import type { TransitionAnswer } from '#core/transitions/find-transitions.ts';
import type { TransitionQuestion } from '#core/transitions/question.ts';

/** What is asked of the thread that looks for chains. The last question counts: older answers are let go of. */
export interface TransitionAsked extends Omit<TransitionQuestion, 'leastBore'> {
  readonly id: number;
  /** Whether it may be narrower than the smaller of the two ends. */
  readonly mayNarrow: boolean;
  readonly rules: RuleChoices;
  readonly where: Where;
  readonly shopParts: readonly ShopPart[];
}

export type TransitionTold =
  | { readonly id: number; readonly answer: TransitionAnswer }
  | { readonly id: number; readonly unreadable: true };
