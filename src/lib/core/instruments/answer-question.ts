import { getSecondPlace, type Question, type Observation } from '#core/identify';
import { findNearestLeaf, GAUGE_LEAVES } from './gauge-leaves.ts';
import {
  countThreads,
  layLeaf,
  readCrest,
  readFlank,
  readSeat,
  readSwivel,
  takeDiameter,
} from './simulated-instruments.ts';
import type { Random, SimulatedSpecimen } from './simulated-specimen.ts';

/** A simulated fitter answers a question about a simulated specimen, with the slips that hands make. */
export function answerQuestion(
  question: Question,
  specimen: SimulatedSpecimen,
  earlier: readonly Observation[],
  random: Random,
): Observation {
  switch (question) {
    case 'gender':
      return { kind: 'gender', value: specimen.gender };
    case 'hand':
      return { kind: 'hand', value: specimen.hand };
    case 'swivel':
      return { kind: 'swivel', value: readSwivel(specimen, random) };
    case 'taper': {
      const isRight = random() < 0.93;
      return { kind: 'taper', value: (specimen.slope !== 0) === isRight ? 'taper' : 'parallel' };
    }
    case 'seat':
      return { kind: 'seat', value: readSeat(specimen, random), by: 'gauge' };
    case 'crest':
      return { kind: 'crest', value: readCrest(specimen, random) };
    case 'flank':
      return { kind: 'flank', value: readFlank(specimen, random) };
    case 'material':
      return { kind: 'material', value: specimen.material };
    case 'country':
      return { kind: 'country', value: specimen.country };
    case 'count':
      return countThreads(specimen, random);
    case 'leaf':
      return findLeaf(specimen, random);
    case 'diameter':
      return takeDiameter(specimen, 'first', random);
    case 'second-diameter': {
      const first = earlier.find(({ kind }) => kind === 'diameter');
      const place = getSecondPlace(first?.kind === 'diameter' ? first.place : 'first');
      return takeDiameter(specimen, place === 'unknown' ? 'last' : place, random);
    }
  }
}

/** Tries leaves from the nearest outward, and takes the first that looks right; now and then the neighbour is tried first. */
function findLeaf(specimen: SimulatedSpecimen, random: Random): Observation {
  const nearest = GAUGE_LEAVES.indexOf(findNearestLeaf(specimen.perInch));
  const start = random() < 0.06 ? nearest + (random() < 0.5 ? 1 : -1) : nearest;
  for (const at of [start, nearest, nearest - 1, nearest + 1]) {
    const leaf = GAUGE_LEAVES[at];
    if (leaf && layLeaf(specimen, leaf.perInch, random) === 'fits') {
      return { kind: 'leaf', perInch: leaf.perInch, fit: 'fits' };
    }
  }
  return { kind: 'leaf', perInch: GAUGE_LEAVES[nearest]!.perInch, fit: 'nearly' };
}
