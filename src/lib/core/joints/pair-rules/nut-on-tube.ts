import type { ThreadFamily, Temper } from '#core/ends';
import { findTubeOutside } from '../nut-tube.ts';
import type { Pair } from '../pair.ts';
import {
  doesNotStart,
  makes,
  neverSeals,
  type Condition,
  type JointKindId,
  type Ruling,
} from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

/** Families whose nut goes over a tube, what that makes, and what the tube's end needs. */
const NUTS: Readonly<Partial<Record<ThreadFamily, readonly [JointKindId, ...Condition[]]>>> = {
  compression: ['compression', 'sleeve-on-tube'],
  olive: ['compression', 'olive-on-tube'],
  'sae-45': ['flare-45', 'flare-the-tube'],
  // A hydraulic part: its cone wants a 37° flare, and gas tube is not flared so.
  'jic-37': ['flare-37', 'flare-the-tube', 'both-37', 'listed-for-gas'],
};
const FLARES: ReadonlySet<JointKindId> = new Set(['flare-45', 'flare-37']);

/** A nut and the tube it is for, by what stands in the nut's name. */
export const isNutOnTube = (pair: Pair): pair is Extract<Pair, { kind: 'tube-thread' }> =>
  pair.kind === 'tube-thread' &&
  pair.thread.thread.gender === 'female' &&
  NUTS[pair.thread.thread.family] !== undefined &&
  pair.tube.tube === 'copper';

/**
 * A tube in a nut: a loose one goes over it before it is flared; the nut of a hose or a swivel is its own, and a tube that is flared has its nut on
 * already: two nuts draw nothing together. Makes if the sizes are the same and the end is prepared. An 8 mm tube in a 3/8 nut never seals.
 */
export const nutOnTube: PairRule<'nut-on-tube'> = {
  id: 'nut-on-tube',
  decide: (pair) => {
    if (!isNutOnTube(pair)) return null;
    const wanted = findTubeOutside(pair.thread.thread);
    const fit = wanted === null ? 'larger' : judgeFit(pair.tube.outside, wanted);
    if (fit === 'same' && pair.tube.prepared === 'flared') return neverSeals('two-nuts');
    if (fit === 'same') return judgeTemper(NUTS[pair.thread.thread.family]!, pair.tube.temper);
    return fit === 'smaller'
      ? neverSeals('tube-too-small')
      : doesNotStart(fit === 'larger' ? 'tube-too-large' : 'too-small');
  },
};

/** Only soft tube is flared: hard-drawn copper splits on the cone. An olive grips either. */
function judgeTemper(
  [joint, ...conditions]: readonly [JointKindId, ...Condition[]],
  temper: Temper | null,
): Ruling {
  if (!FLARES.has(joint) || temper === 'soft') return makes(joint, 'loose-nut', ...conditions);
  return temper === 'hard' ? neverSeals('hard-tube') : makes(joint, 'loose-nut', ...conditions, 'soft-tube');
}
