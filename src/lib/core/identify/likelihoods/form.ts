import { isTaper } from '#core/catalogue';
import type { CrestForm, Flank } from '../observation.ts';
import type { Candidate, Likelihood } from './likelihood.ts';

/** A hand can be mistaken when a short thread is only looked at. */
const HAND_SEEN = 0.995;

export const getGenderLikelihood: Likelihood<'gender'> = (candidate, { value }) =>
  candidate === 'none' ? 0.5 : candidate.gender === value ? 0.998 : 0.002;

export const getHandLikelihood: Likelihood<'hand'> = (candidate, { value }) => {
  if (candidate === 'none') return value === 'right' ? 0.85 : 0.15;
  return candidate.hand === value ? HAND_SEEN : 1 - HAND_SEEN;
};

/** Felt by hand, or seen against a straight edge: right seven times in eight. */
export const getTaperLikelihood: Likelihood<'taper'> = (candidate, { value }) => {
  if (candidate === 'none') return 0.5;
  return isTaper(candidate) === (value === 'taper') ? 0.88 : 0.12;
};

const NONE_FLANK: Readonly<Record<Flank, number>> = { '60': 0.6, '55': 0.35, '29': 0.05 };

/** The profile gauge: 55 and 60 are told apart by the light under the leaf, wrongly once in about forty. */
export const getFlankLikelihood: Likelihood<'flank'> = (candidate, { value }) => {
  if (candidate === 'none') return NONE_FLANK[value];
  return String(candidate.flank) === value ? 0.975 : value === '29' || candidate.flank === 29 ? 0.005 : 0.02;
};

const FLAT: Readonly<Record<CrestForm, number>> = { flat: 0.6, sharp: 0.33, rounded: 0.07 };
const ROUNDED: Readonly<Record<CrestForm, number>> = { rounded: 0.88, flat: 0.1, sharp: 0.02 };

/** Whitworth forms (55°) have rounded crests; worn American ones may look rounded too. */
export const getCrestLikelihood: Likelihood<'crest'> = (candidate: Candidate, { value }) => {
  if (candidate === 'none') return 1 / 3;
  return (candidate.flank === 55 ? ROUNDED : FLAT)[value];
};
