import { toMillimetres } from '#core/units';
import { normalDensity } from '../chance.ts';
import type { MeasuringInstrument } from '../observation.ts';
import type { Likelihood } from './likelihood.ts';
import { findPitchRead, PITCH_READ_RIGHT } from './unlisted-pitch.ts';

/** Standard error of a length from crest to crest, mm. */
export const SPAN_ERROR: Readonly<Record<MeasuringInstrument, number>> = {
  caliper: 0.15,
  rule: 0.5,
  tape: 0.8,
};
/** Crests are judged to a tenth or two of a pitch; one in twenty-five counts is a thread out. */
const JUDGED = 0.12;
const ONE_OUT = 0.04;
const BLUNDER = 0.003;
/** Threads of an unlisted kind: alike over this many an inch. */
const PER_INCH_SPREAD = 36;

/** Threads counted over a length: the density is per thread counted. */
export const getCountLikelihood: Likelihood<'count'> = (
  candidate,
  { threads, over, instrument },
  earlier,
) => {
  const span = toMillimetres(over);
  const anything = 25.4 / span / PER_INCH_SPREAD;
  const read = candidate === 'none' ? findPitchRead(earlier) : candidate.perInch;
  if (read === null) return anything;
  const pitch = 25.4 / read;
  const trust = candidate === 'none' ? PITCH_READ_RIGHT : 1;
  const expected = span / pitch;
  const sigma = Math.hypot(JUDGED, SPAN_ERROR[instrument] / pitch);
  const oneOut =
    (normalDensity(threads, expected - 1, sigma) + normalDensity(threads, expected + 1, sigma)) / 2;
  const counted =
    (1 - ONE_OUT - BLUNDER) * normalDensity(threads, expected, sigma) + ONE_OUT * oneOut + BLUNDER * anything;
  return trust * counted + (1 - trust) * anything;
};
