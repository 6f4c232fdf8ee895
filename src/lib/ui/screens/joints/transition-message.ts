import type { RuleChoices } from '#core/house-rules';
import type { ShopPart } from '#core/catalogue';
import type { Where, TransitionAnswer, TransitionQuestion } from '#core/transitions';

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
