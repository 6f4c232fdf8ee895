import type { ThreadFamily } from '../../catalogue/thread-family.ts';
import { findTubeOutside } from '../nut-tube.ts';
import type { Pair } from '../pair.ts';
import { doesNotStart, makes, neverSeals, type Condition, type JointKindId } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

/** Families whose nut goes over a tube, what that makes, and what the tube's end needs. */
const NUTS: Readonly<Partial<Record<ThreadFamily, readonly [JointKindId, Condition]>>> = {
  compression: ['compression', 'sleeve-on-tube'],
  olive: ['compression', 'olive-on-tube'],
  'sae-45': ['flare-45', 'flare-the-tube'],
  'jic-37': ['flare-37', 'flare-the-tube'],
};

/** A nut and the tube it is for, by what stands in the nut's name. */
export const isNutOnTube = (pair: Pair): pair is Extract<Pair, { kind: 'tube-thread' }> =>
  pair.kind === 'tube-thread' &&
  pair.thread.thread.gender === 'female' &&
  NUTS[pair.thread.thread.family] !== undefined &&
  pair.tube.tube === 'copper';

/** A tube in a nut: makes if the sizes are the same and the end is prepared. An 8 mm tube in a 3/8 nut never seals. */
export const nutOnTube: PairRule<'nut-on-tube'> = {
  id: 'nut-on-tube',
  decide: (pair) => {
    if (!isNutOnTube(pair)) return null;
    const wanted = findTubeOutside(pair.thread.thread);
    const fit = wanted === null ? 'larger' : judgeFit(pair.tube.outside, wanted);
    if (fit === 'same') return makes(...NUTS[pair.thread.thread.family]!);
    return fit === 'smaller'
      ? neverSeals('tube-too-small')
      : doesNotStart(fit === 'larger' ? 'tube-too-large' : 'too-small');
  },
};
