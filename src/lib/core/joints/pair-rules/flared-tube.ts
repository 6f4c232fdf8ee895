import { findTubeOutside } from '../nut-tube.ts';
import type { Pair } from '../pair.ts';
import { doesNotStart, makes, neverSeals, type Ruling } from '../pair-verdict.ts';
import type { PairRule } from './pair-rule.ts';
import { judgeFit } from './tube-fit.ts';

type TubeOnThread = Extract<Pair, { kind: 'tube-thread' }>;

/** A tube that is flared, its nut on it, and the male thread of a flare fitting. */
export const isFlaredOnBody = (pair: Pair): pair is TubeOnThread =>
  pair.kind === 'tube-thread' &&
  pair.tube.prepared === 'flared' &&
  pair.thread.thread.gender === 'male' &&
  (pair.thread.thread.family === 'sae-45' || pair.thread.thread.family === 'jic-37');

/** A 45° flare on the 45° cone made for its tube. On a 37° cone it touches along a line; hard copper has split already. */
export const flaredTube: PairRule<'flared-tube'> = {
  id: 'flared-tube',
  decide: (pair) => (isFlaredOnBody(pair) ? judge(pair) : null),
};

function judge({ tube, thread }: TubeOnThread): Ruling {
  const wanted = findTubeOutside(thread.thread);
  const fit = wanted === null ? 'larger' : judgeFit(tube.outside, wanted);
  if (fit === 'larger') return doesNotStart('tube-too-large');
  if (fit !== 'same') return fit === 'smaller' ? neverSeals('tube-too-small') : doesNotStart('too-small');
  if (thread.thread.family === 'jic-37') return neverSeals('cones-differ');
  if (tube.temper === 'hard') return neverSeals('hard-tube');
  return tube.temper === 'soft' ? makes('flare-45') : makes('flare-45', 'soft-tube');
}
