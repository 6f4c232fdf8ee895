import { THREAD_PLACES, type ThreadPlace } from '#core/catalogue';
import {
  getLeafChances,
  LEAF_FITS,
  type CrestForm,
  type Flank,
  type LeafFit,
  type Observation,
} from '#core/identify';
import type { Seat } from '#core/ends';
import { MILLIMETRE } from '#core/units';
import {
  getTrueDiameter,
  getTruePitch,
  pickFrom,
  type Random,
  type SimulatedSpecimen,
} from './simulated-specimen.ts';

/** Normal error by the sum of uniforms is good enough to a twentieth; Box and Muller is exact. */
export const drawNormal = (random: Random): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** The caliper's own error, mm (one standard deviation). */
export const CALIPER_ERROR = 0.05;

const toLength = (mm: number): number => Math.round(mm * 100) * (MILLIMETRE / 100);

/** Where a place lies on a specimen, mm from its mouth. */
export function getPlaceOn(specimen: SimulatedSpecimen, place: Exclude<ThreadPlace, 'unknown'>): number {
  const p = getTruePitch(specimen);
  const along = { mouth: 0.25 * p, first: p, third: 3 * p, last: specimen.length - 1.5 * p }[place];
  return Math.max(0, Math.min(along, specimen.length));
}

/** The jaws closed at so many mm from the mouth: reads to 0.01 mm, with the caliper's error. */
export const readCaliper = (specimen: SimulatedSpecimen, along: number, random: Random): number =>
  toLength(getTrueDiameter(specimen, along) + CALIPER_ERROR * drawNormal(random));

/** Lays one leaf on the flanks. */
export function layLeaf(specimen: SimulatedSpecimen, perInch: number, random: Random): LeafFit {
  const chances = getLeafChances(perInch / specimen.perInch - 1);
  return pickFrom(
    LEAF_FITS.map((fit) => [fit, chances[fit]]),
    random,
  );
}

const MISREAD: Readonly<Record<'seat' | 'flank' | 'crest' | 'swivel' | 'hand', number>> = {
  seat: 0.02,
  flank: 0.02,
  crest: 0.05,
  swivel: 0.005,
  hand: 0.003,
};

const SEAT_NEIGHBOUR: Readonly<Record<Seat, Seat>> = {
  none: 'deburr',
  deburr: 'none',
  '30': '37',
  '37': '45',
  '45': '37',
  washer: 'other',
  other: 'washer',
};

/** What a seat gauge says of a simulated specimen: wrong now and then. */
export const readSeat = ({ seat }: SimulatedSpecimen, random: Random): Seat =>
  random() < MISREAD.seat ? SEAT_NEIGHBOUR[seat] : seat;

/** The flank as it is judged by eye on a simulated specimen: wrong now and then. Degrees. */
export const readFlank = ({ flank }: SimulatedSpecimen, random: Random): Flank =>
  random() < MISREAD.flank ? (flank === 60 ? '55' : '60') : (String(flank) as Flank);

/** The form of the crests as it is judged by eye on a simulated specimen. */
export const readCrest = ({ crestForm }: SimulatedSpecimen, random: Random): CrestForm =>
  random() < MISREAD.crest ? (crestForm === 'flat' ? 'rounded' : 'flat') : crestForm;

/** Whether a simulated nut turns freely, as it is felt. */
export const readSwivel = ({ swivel }: SimulatedSpecimen, random: Random): boolean =>
  random() < MISREAD.swivel ? !swivel : swivel;

/** Counts crests over the length of the thread, at most an inch, with the caliper's jaws. */
export function countThreads(specimen: SimulatedSpecimen, random: Random): Observation {
  const p = getTruePitch(specimen);
  const threads = Math.max(3, Math.floor(Math.min(25.4, specimen.length - p) / p));
  const over = toLength(threads * p + 0.12 * drawNormal(random));
  const slip = random() < 0.02 ? (random() < 0.5 ? 1 : -1) : 0;
  return { kind: 'count', threads: threads + slip, over, instrument: 'caliper' };
}

/** Takes a diameter; now and then at another place than the one named. */
export function takeDiameter(
  specimen: SimulatedSpecimen,
  place: Exclude<ThreadPlace, 'unknown'>,
  random: Random,
): Observation {
  const places = THREAD_PLACES.filter((each) => each !== 'unknown');
  const taken = random() < 0.03 ? places[Math.floor(random() * places.length)]! : place;
  const side = specimen.gender === 'male' ? 'outside' : 'inside';
  const length = readCaliper(specimen, getPlaceOn(specimen, taken), random);
  return { kind: 'diameter', side, length, instrument: 'caliper', place };
}
