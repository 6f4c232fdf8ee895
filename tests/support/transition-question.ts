import type { End } from '#core/ends';
import { isOfCylinder } from '#core/catalogue';
import type { TransitionQuestion } from '#core/transitions';

/** A question about two ends of pipe, one of which can be turned; `more` says what is otherwise. */
export const askAbout = (from: End, to: End, more: Partial<TransitionQuestion> = {}): TransitionQuestion => ({
  from,
  to,
  moves: ['turns', 'fixed'],
  bearers: ['pipe', 'pipe'],
  sides: [isOfCylinder(from) ? 'cylinder' : 'appliance', isOfCylinder(to) ? 'cylinder' : 'appliance'],
  gas: null,
  insulates: false,
  leastBore: null,
  wish: 'leaks',
  ...more,
});
