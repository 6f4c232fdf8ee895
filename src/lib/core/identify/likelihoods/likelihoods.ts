import type { Observation, ObservationKind } from '../observation.ts';
import { getCountLikelihood } from './count.ts';
import { getDiameterLikelihood } from './diameter.ts';
import { getCollarLikelihood, getSeatLikelihood, getSwivelLikelihood } from './fittings.ts';
import {
  getCrestLikelihood,
  getFlankLikelihood,
  getGenderLikelihood,
  getHandLikelihood,
  getTaperLikelihood,
} from './form.ts';
import { getLeafLikelihood } from './leaf.ts';
import type { Candidate, Likelihood } from './likelihood.ts';
import {
  getColourLikelihood,
  getCountryLikelihood,
  getMarkingLikelihood,
  getMaterialLikelihood,
} from './origin.ts';

/** One likelihood for each kind of observation. */
export const LIKELIHOODS: { readonly [Kind in ObservationKind]: Likelihood<Kind> } = {
  gender: getGenderLikelihood,
  diameter: getDiameterLikelihood,
  count: getCountLikelihood,
  leaf: getLeafLikelihood,
  taper: getTaperLikelihood,
  flank: getFlankLikelihood,
  crest: getCrestLikelihood,
  seat: getSeatLikelihood,
  swivel: getSwivelLikelihood,
  hand: getHandLikelihood,
  collar: getCollarLikelihood,
  material: getMaterialLikelihood,
  colour: getColourLikelihood,
  marking: getMarkingLikelihood,
  country: getCountryLikelihood,
};

/** How well a candidate explains one observation, given those before it. */
export const getLikelihood = (
  candidate: Candidate,
  observation: Observation,
  earlier: readonly Observation[],
): number => (LIKELIHOODS[observation.kind] as Likelihood<ObservationKind>)(candidate, observation, earlier);
