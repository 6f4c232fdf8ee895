import { getCrestRange, getPlaceSpan, type ListedThread, type ThreadPlace } from '#core/catalogue';
import { toMillimetres } from '#core/units';
import { normalDensity, smearedDensity } from '../chance.ts';
import type { MeasuringInstrument } from '../observation.ts';
import type { Candidate, Likelihood, ObservationOf } from './likelihood.ts';

/** Standard error of a diameter, mm: caliper ± 0.05, tape ± 0.8; a rule lies between. */
export const INSTRUMENT_ERROR: Readonly<Record<MeasuringInstrument, number>> = {
  caliper: 0.05,
  rule: 0.4,
  tape: 0.8,
};

/** Worn or bruised crests: so often, and by up to so many mm beyond the standard's limits. */
const WORN = { share: 0.08, by: 0.25 };
/** A slip of the hand, a wrong place, a wrong line of the scale: anything within so many mm. */
const BLUNDER = { share: 0.005, within: 100 };
/** Along one thread truncation and wear vary by about this, mm. */
const UNEVEN = 0.04;

/**
 * A diameter over the crests (outside) or between them (inside). The standard gives a range; the reading may lie anywhere
 * in it, smeared by the instrument. A second diameter is read against the first: how the thread tapers is then free
 * of what truncation and wear do to both.
 */
export const getDiameterLikelihood: Likelihood<'diameter'> = (candidate, observation, earlier) => {
  const first = earlier.find(
    (each) => each.kind === 'diameter' && each.side === observation.side && each.place !== 'unknown',
  ) as ObservationOf<'diameter'> | undefined;
  const isSecond =
    first !== undefined && observation.place !== 'unknown' && first.place !== observation.place;
  return isSecond
    ? getDifferenceLikelihood(candidate, first, observation)
    : getSingleLikelihood(candidate, observation);
};

function getSingleLikelihood(candidate: Candidate, observation: ObservationOf<'diameter'>): number {
  const blunder = 1 / BLUNDER.within;
  if (candidate === 'none') return blunder;
  return (1 - BLUNDER.share) * getSoundLikelihood(candidate, observation) + BLUNDER.share * blunder;
}

/** Of a reading that is no blunder. */
function getSoundLikelihood(candidate: ListedThread, observation: ObservationOf<'diameter'>): number {
  const isOutside = observation.side === 'outside';
  if (isOutside !== (candidate.gender === 'male')) return 0;
  const sigma = INSTRUMENT_ERROR[observation.instrument];
  const read = toMillimetres(observation.length);
  const [low, high] = getCrestRange(candidate, observation.place);
  const sound = smearedDensity(read, low, high, sigma);
  const worn = isOutside
    ? smearedDensity(read, low - WORN.by, low, sigma)
    : smearedDensity(read, high, high + WORN.by, sigma);
  return (1 - WORN.share) * sound + WORN.share * worn;
}

/** Between two places a thread in no list is mostly parallel, or may differ by anything up to this, mm. */
const DIFFERENCE_WITHIN = 3;

function getDifferenceLikelihood(
  candidate: Candidate,
  first: ObservationOf<'diameter'>,
  second: ObservationOf<'diameter'>,
): number {
  const blunder = 1 / DIFFERENCE_WITHIN;
  const drift = toMillimetres(second.length - first.length);
  if (candidate === 'none') return 0.6 * normalDensity(drift, 0, 0.1) + 0.4 * blunder;
  if ((second.side === 'outside') !== (candidate.gender === 'male')) return BLUNDER.share * blunder;
  const errors = [INSTRUMENT_ERROR[first.instrument], INSTRUMENT_ERROR[second.instrument], UNEVEN];
  const sigma = Math.hypot(...errors);
  const [low, high] = getDifferenceRange(candidate, first.place, second.place);
  // The place is mistaken now and then: then the difference is anything between none and all of the taper.
  const [least, most] = [Math.min(low, 0) - 0.5, Math.max(high, 0) + 0.5];
  const mistaken = smearedDensity(drift, least, most, sigma);
  const sound =
    (1 - MISTAKEN_PLACE - BLUNDER.share) * smearedDensity(drift, low, high, sigma) +
    MISTAKEN_PLACE * mistaken +
    BLUNDER.share * blunder;
  // If the first reading can only have been a blunder, this one has nothing to be read against and stands alone.
  const firstSound = (1 - BLUNDER.share) * getSoundLikelihood(candidate, first);
  const firstBlunder = BLUNDER.share / BLUNDER.within;
  const trust = firstSound / (firstSound + firstBlunder);
  return trust * sound + (1 - trust) * getSingleLikelihood(candidate, second);
}

const MISTAKEN_PLACE = 0.03;

/** The least and greatest difference (mm) of the crest diameters at two places of one thread. */
export function getDifferenceRange(
  thread: ListedThread,
  from: ThreadPlace,
  to: ThreadPlace,
): readonly [number, number] {
  const { low, high, slope, cap } = thread.crest;
  const basic = (x: number) => Math.min((low + high) / 2 + slope * x, cap ?? Infinity);
  const [a, b] = [getPlaceSpan(thread, from), getPlaceSpan(thread, to)];
  const corners = a.flatMap((x) => b.map((y) => basic(y) - basic(x)));
  return [Math.min(...corners), Math.max(...corners)];
}
