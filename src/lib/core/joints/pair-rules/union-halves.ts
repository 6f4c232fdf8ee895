import { doesNotStart, makes } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';

/** Ground joint: metal cone in metal socket, of one size and one maker. Nothing goes on the seat or on the nut. */
export const unionHalves: PairRule<'union-halves'> = {
  id: 'union-halves',
  decide: (pair) => {
    if (pair.kind !== 'unions') return null;
    if (pair.a.half === pair.b.half) return doesNotStart('same-half');
    return pair.a.size === pair.b.size ? makes('union', 'same-maker') : doesNotStart('other-size');
  },
};
