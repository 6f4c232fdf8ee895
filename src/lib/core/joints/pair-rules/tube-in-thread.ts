import { doesNotStart } from '../pair-verdict.ts';
import { isFlaredOnBody } from './flared-tube.ts';
import { isNutOnTube } from './nut-on-tube.ts';
import type { PairRule } from './pair-rule.ts';

/** A plain tube end and a thread that is no nut for it: a fitting has to come between. */
export const tubeInThread: PairRule<'tube-in-thread'> = {
  id: 'tube-in-thread',
  decide: (pair) =>
    pair.kind === 'tube-thread' && !isNutOnTube(pair) && !isFlaredOnBody(pair)
      ? doesNotStart('needs-nut')
      : null,
};
