import { accept, refuse, type Result } from '#core/outcome';
import { INCH, MILLIMETRE, type Length, type LengthUnit } from '#core/units';
import type { Observation } from './observation.ts';

/** The least and greatest diameters of threads that are met, with room on both sides, nm. */
const SMALLEST: Length = 4 * MILLIMETRE;
const LARGEST: Length = 140 * MILLIMETRE;

export type ReadingRefusal =
  | {
      readonly code: 'reading-impossible';
      readonly typed: string;
      readonly least: Length;
      readonly most: Length;
    }
  | {
      readonly code: 'reading-other-unit';
      readonly typed: string;
      /** As it was read, and as it would be in the other unit, nm. */
      readonly read: Length;
      readonly meant: Length;
      readonly unit: LengthUnit;
    }
  | { readonly code: 'count-impossible'; readonly typed: string };

/**
 * Is this a diameter of a thread (or a size across flats)? `length` nm as read in `unit`. Refuses what no thread has;
 * when the same number in the other unit would be one, it says so.
 */
export function checkDiameter(
  length: Length,
  typed: string,
  unit: LengthUnit,
): Result<Length, ReadingRefusal> {
  const isMet = (value: Length) => value >= SMALLEST && value <= LARGEST;
  if (isMet(length)) return accept(length);
  const meant = Math.round(unit === 'in' ? (length / INCH) * MILLIMETRE : (length / MILLIMETRE) * INCH);
  if (isMet(meant)) return refuse({ code: 'reading-other-unit', typed, read: length, meant, unit });
  return refuse({ code: 'reading-impossible', typed, least: SMALLEST, most: LARGEST });
}

/** Reads a count of threads: a whole or half number, 2 to 60. */
export function parseCount(typed: string): Result<number, ReadingRefusal> {
  const text = typed
    .trim()
    .replace(',', '.')
    .replace(/\s*½$/, '.5')
    .replace(/\s+1\/2$/, '.5');
  const threads = /^\d{1,2}(\.\d)?$/.test(text) ? Number(text) : NaN;
  if (!(threads >= 2 && threads <= 60)) return refuse({ code: 'count-impossible', typed: typed.trim() });
  return accept(threads);
}

/** Two observations that cannot both be right. */
export interface ReadingContradiction {
  readonly code: 'side-and-gender' | 'leaf-and-leaf' | 'leaf-and-count' | 'taper-and-diameters';
  readonly between: readonly [Observation, Observation];
}

/** Pitches further apart than this cannot both be right, even with a leaf's neighbour taken. */
const APART = 0.09;

/** Names the pairs of observations that contradict each other, whatever the thread. */
export function findContradictions(observations: readonly Observation[]): ReadingContradiction[] {
  const found: ReadingContradiction[] = [];
  observations.forEach((a, i) => {
    for (const b of observations.slice(i + 1)) {
      const code = contradict(a, b) ?? contradict(b, a);
      if (code) found.push({ code, between: [a, b] });
    }
  });
  const [first, second] = observations.filter((each) => each.kind === 'diameter');
  const taper = observations.find((each) => each.kind === 'taper');
  if (taper?.kind === 'taper' && first?.kind === 'diameter' && second?.kind === 'diameter') {
    const off = Math.abs(second.length - first.length);
    const isFar = first.place !== second.place && (first.place === 'last' || second.place === 'last');
    if (isFar && (taper.value === 'taper' ? off < 0.1 * MILLIMETRE : off > 0.45 * MILLIMETRE)) {
      found.push({ code: 'taper-and-diameters', between: [taper, second] });
    }
  }
  return found;
}

function contradict(a: Observation, b: Observation): ReadingContradiction['code'] | null {
  if (a.kind === 'gender' && b.kind === 'diameter') {
    return (a.value === 'male') === (b.side === 'outside') ? null : 'side-and-gender';
  }
  if (a.kind !== 'leaf' || a.fit !== 'fits') return null;
  if (b.kind === 'leaf' && b.fit === 'fits') {
    return Math.abs(a.perInch / b.perInch - 1) > APART ? 'leaf-and-leaf' : null;
  }
  if (b.kind !== 'count') return null;
  const counted = (b.threads * INCH) / b.over;
  return Math.abs(counted / a.perInch - 1) > APART + 0.6 / b.threads ? 'leaf-and-count' : null;
}
