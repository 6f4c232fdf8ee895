import { getCountryChance, getMaterialChance } from '../family-tells.ts';
import { COLOURS, COUNTRIES, THREAD_MATERIALS, type Colour } from '../observation.ts';
import { readMarking } from '../read-marking.ts';
import type { Likelihood } from './likelihood.ts';

export const getMaterialLikelihood: Likelihood<'material'> = (candidate, { value }) =>
  candidate === 'none'
    ? 1 / THREAD_MATERIALS.length
    : 0.01 + 0.94 * getMaterialChance(candidate.family, value);

/** Gas parts are painted or sleeved yellow more often than others; a colour says no more than that. */
const YELLOW = 0.25;
const getColourChance = (colour: Colour, isGas: boolean): number => {
  const yellow = isGas ? YELLOW : 1 / COLOURS.length;
  return colour === 'yellow' ? yellow : (1 - yellow) / (COLOURS.length - 1);
};

export const getColourLikelihood: Likelihood<'colour'> = (candidate, { value }) =>
  candidate === 'none' ? 1 / COLOURS.length : getColourChance(value, candidate.family === 'connector');

export const getCountryLikelihood: Likelihood<'country'> = (candidate, { value }) =>
  candidate === 'none' ? 1 / COUNTRIES.length : getCountryChance(candidate.family, value);

/** A marking names a family, a size or both. Parts are swapped: it is believed nine times in ten, not always. */
export const getMarkingLikelihood: Likelihood<'marking'> = (candidate, { text }) => {
  const { families, size } = readMarking(text);
  if (candidate === 'none') return (families.length > 0 ? 0.1 : 1) * (size ? 0.1 : 1);
  const family =
    families.length === 0 ? 1 : families.includes(candidate.family) ? 0.9 / families.length : 0.01;
  return family * (size === null ? 1 : candidate.size === size ? 0.9 : 0.02);
};
