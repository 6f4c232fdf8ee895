import type { TaperThread } from '#core/catalogue';
import { isLargeSize, type NominalSize } from '#core/ends';
import { getFigureKey, type EngagementChoice } from '#core/house-rules';
import { accept, refuse, type Result } from '#core/outcome';
import { INCH, type Length } from '#core/units';

export interface EngagementRefusal {
  readonly code: 'engagement-not-measured';
  readonly size: NominalSize;
}

/** Turns past hand-tight (turns) that the "hand-tight plus turns" choice asks of a size. */
export const getTurnsAsked = (
  choice: Extract<EngagementChoice, { option: 'hand-tight-plus-turns' }>,
  size: NominalSize,
): number => (isLargeSize(size) ? choice.above2in : choice.upTo2in);

/**
 * How far the pipe goes into the fitting wrench-tight (nm), by the house rule "engagement figure":
 * the shop table; L1 + turns / threads per inch; or the shop's own figure.
 * Refuses when the shop's own figure of this size has not been entered.
 */
export function findEngagement(
  thread: TaperThread,
  choice: EngagementChoice,
): Result<Length, EngagementRefusal> {
  switch (choice.option) {
    case 'shop-table':
      return accept(thread.normalEngagement);
    case 'hand-tight-plus-turns': {
      const turns = getTurnsAsked(choice, thread.size);
      return accept(Math.round(thread.handTight + (turns * INCH) / thread.threadsPerInch));
    }
    case 'own-measured': {
      const own = choice.figures[getFigureKey(thread.size, thread.family)];
      return own === undefined ? refuse({ code: 'engagement-not-measured', size: thread.size }) : accept(own);
    }
  }
}
