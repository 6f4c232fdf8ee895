import type { Millimetres } from '#core/units';
import { getPitch, type ListedThread } from '#core/catalogue';
import type { Gender, Hand, Seat } from '#core/ends';
import {
  getCountryChance,
  getMaterialChance,
  getTells,
  COUNTRIES,
  THREAD_MATERIALS,
  type Country,
  type CrestForm,
  type ThreadMaterial,
} from '#core/identify';

/** A source of randomness, 0 up to 1: passed in, so that the same seed gives the same specimen. */
export type Random = () => number;

/** A specimen that exists only in numbers, for simulated instruments. Lengths in mm. */
export interface SimulatedSpecimen {
  /** Id of the listed thread it was made to; null for one that stands in no list. */
  readonly truth: string | null;
  readonly gender: Gender;
  readonly perInch: number;
  readonly flank: 60 | 55 | 29;
  readonly hand: Hand;
  readonly crestForm: CrestForm;
  /** Crest diameter at the mouth (small end of a male), its slope along the thread, the pipe that caps it, its length. */
  readonly mouth: Millimetres;
  readonly slope: number;
  readonly cap: Millimetres | null;
  readonly length: Millimetres;
  readonly seat: Seat;
  readonly swivel: boolean;
  readonly material: ThreadMaterial;
  readonly country: Country;
}

/** Draws a specimen of a listed thread: anywhere within its tolerances, and now and then worn. */
export function drawSpecimen(thread: ListedThread, random: Random): SimulatedSpecimen {
  const { low, high, slope, cap, length } = thread.crest;
  const between = (from: number, to: number) => from + (to - from) * random();
  const wear = random() < 0.1 ? between(0, 0.12) : random() * 0.02;
  const worn = thread.gender === 'male' ? -wear : wear;
  const tells = getTells(thread);
  const isRounded = thread.flank === 55 ? random() < 0.97 : random() < 0.02;
  return {
    truth: thread.id,
    gender: thread.gender,
    perInch: thread.perInch,
    flank: thread.flank,
    hand: thread.hand,
    crestForm: isRounded ? 'rounded' : random() < 0.7 || thread.flank === 55 ? 'flat' : 'sharp',
    mouth: between(low, high) + worn,
    slope,
    cap: cap === null ? null : cap + between(-0.1, 0.1),
    length: length * between(0.85, 1),
    seat: pickFrom(Object.entries(tells.seat), random) as Seat,
    swivel: random() < tells.swivel,
    material: pickFrom(
      THREAD_MATERIALS.map((value) => [value, getMaterialChance(thread.family, value)]),
      random,
    ),
    country: pickFrom(
      COUNTRIES.map((value) => [value, getCountryChance(thread.family, value)]),
      random,
    ),
  };
}

/** The true crest diameter, mm, so many mm from the mouth. */
export const getTrueDiameter = ({ mouth, slope, cap }: SimulatedSpecimen, along: Millimetres): Millimetres =>
  Math.min(mouth + slope * along, cap ?? Infinity);

/** The pitch of a simulated specimen, mm. */
export const getTruePitch = (specimen: SimulatedSpecimen): Millimetres => getPitch(specimen);

/** Picks a value by its weight. */
export function pickFrom<Value>(weighted: readonly (readonly [Value, number])[], random: Random): Value {
  const total = weighted.reduce((sum, [, weight]) => sum + weight, 0);
  let left = random() * total;
  for (const [value, weight] of weighted) {
    left -= weight;
    if (left < 0) return value;
  }
  return weighted.at(-1)![0];
}
