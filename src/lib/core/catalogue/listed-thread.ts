import type { Millimetres } from '#core/units';
import type { Gender, Hand, ThreadFamily } from '#core/ends';
import type { Provenance } from './confidence.ts';
import type { OtherGas, SealedBy } from './small-threads.ts';

/** Where along a thread its diameter is taken. */
export const THREAD_PLACES = ['mouth', 'first', 'third', 'last', 'unknown'] as const;
export type ThreadPlace = (typeof THREAD_PLACES)[number];

/**
 * One thread that may be met: a family, a size, a gender. Lengths here are millimetres as doubles, since they carry
 * tolerances; nothing is cut by them.
 */
export interface ListedThread extends Provenance {
  /** `family-size-gender`, for instance `npt-1/2-male`. */
  readonly id: string;
  readonly family: ThreadFamily;
  /** As the family names it: an old bore, a tube, a designation. */
  readonly size: string;
  /** As it is stamped or ordered: `1/2-14 NPT`. */
  readonly designation: string;
  readonly gender: Gender;
  readonly hand: Hand;
  readonly flank: 60 | 55 | 29;
  /** Threads an inch; 25.4 / pitch for metric threads. */
  readonly perInch: number;
  readonly crest: CrestLine;
  /** Basic pitch diameter, mm: of a taper at the small end of a male and at the mouth of a female. */
  readonly pitchLine: Millimetres;
  /** Across the flats of the nut, mm, where it is published. */
  readonly acrossFlats: Millimetres | null;
  /** A thread that no reading parts from this one: only the marking, or what it is on, tells. */
  readonly sisterOf: string | null;
  /** What it may press together to seal; empty where its family has one way. */
  readonly sealedBy: readonly SealedBy[];
  /** The other gas its connection is made for: never adapted to fuel gas. */
  readonly otherGas: OtherGas | null;
}

/**
 * What a caliper reads over the crests (male) or between them (female):
 *
 *     mouth                     last
 *      low..high  ── slope ──▶  low..high, never past the cap
 */
export interface CrestLine {
  readonly low: Millimetres;
  readonly high: Millimetres;
  /** mm of diameter per mm along the thread; 0 for a parallel thread, negative for a taper bore. */
  readonly slope: number;
  /** Length of the thread, mm. */
  readonly length: Millimetres;
  /** The outside of the pipe the thread is cut on, mm; crests never exceed it. Null where nothing caps them. */
  readonly cap: Millimetres | null;
}

/** Whether the crests lie on a cone. */
export const isTaper = ({ crest }: ListedThread): boolean => crest.slope !== 0;

/** From crest to crest, mm. */
export const getPitch = ({ perInch }: Pick<ListedThread, 'perInch'>): Millimetres => 25.4 / perInch;

/** From where to where a place lies, mm from the small end of a male thread or the mouth of a female one. */
export function getPlaceSpan(
  { crest, perInch }: ListedThread,
  place: ThreadPlace,
): readonly [Millimetres, Millimetres] {
  const p = 25.4 / perInch;
  const within = (x: number) => Math.min(x, crest.length);
  switch (place) {
    case 'mouth':
      return [0, within(p / 2)];
    case 'first':
      return [within(p / 2), within(1.5 * p)];
    case 'third':
      return [within(2.5 * p), within(3.5 * p)];
    case 'last':
      return [Math.max(0, crest.length - 3 * p), crest.length];
    case 'unknown':
      return [0, crest.length];
  }
}

/** The least and greatest crest diameter (mm) that the standard allows at a place. */
export function getCrestRange(thread: ListedThread, place: ThreadPlace): readonly [Millimetres, Millimetres] {
  const { low, high, slope, cap } = thread.crest;
  const [from, to] = getPlaceSpan(thread, place);
  const least = low + Math.min(slope * from, slope * to);
  const greatest = high + Math.max(slope * from, slope * to);
  if (cap === null) return [least, greatest];
  // A pipe is rolled a little over or under its size.
  return [Math.min(least, cap - CAP_TOLERANCE), Math.min(greatest, cap + CAP_TOLERANCE)];
}

/** How far the outside of steel pipe may be off its size, mm; ASTM A53 allows 1/64 in over to 1 1/2, a like share under. */
const CAP_TOLERANCE = 0.2;
