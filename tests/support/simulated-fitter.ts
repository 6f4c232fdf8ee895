import { getSecondPlace, type Question, type Observation } from '#core/identify';
import { findNearestLeaf, GAUGE_LEAVES } from '../../src/lib/core/instruments/gauge-leaves.ts';
import {
  countThreads,
  layLeaf,
  readCrest,
  readFlank,
  readSeat,
  readSwivel,
  takeDiameter,
} from '../../src/lib/core/instruments/simulated-instruments.ts';
import {
  pickFrom,
  type Random,
  type SimulatedSpecimen,
} from '../../src/lib/core/instruments/simulated-specimen.ts';
import { THREAD_MATERIALS, COUNTRIES } from '#core/identify';
import type { Gender } from '#core/ends';
import type { Millimetres } from '#core/units';

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

/** Draws a specimen of a straight thread that is in no list: its major diameter and pitch in mm. */
export function drawUnlistedSpecimen(
  major: Millimetres,
  pitch: Millimetres,
  flank: 60 | 55,
  gender: Gender,
  random: Random,
): SimulatedSpecimen {
  const depth = flank === 55 ? 1.280654 : 1.082532;
  const mouth =
    gender === 'male' ? major - 0.02 - 0.22 * random() : major - depth * pitch + 0.2 * pitch * random();
  return {
    truth: null,
    gender,
    perInch: 25.4 / pitch,
    flank,
    hand: random() < 0.9 ? 'right' : 'left',
    crestForm: flank === 55 ? 'rounded' : 'flat',
    mouth,
    slope: 0,
    cap: null,
    length: 8 * pitch,
    seat: pickFrom(
      [
        ['none', 0.5],
        ['deburr', 0.2],
        ['other', 0.2],
        ['washer', 0.1],
      ],
      random,
    ),
    swivel: random() < 0.3,
    material: pickFrom(
      THREAD_MATERIALS.map((value) => [value, 1]),
      random,
    ),
    country: pickFrom(
      COUNTRIES.map((value) => [value, 1]),
      random,
    ),
  };
}
