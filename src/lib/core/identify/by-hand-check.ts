import { NOMINAL_SIZES, type NominalSize } from '#core/ends';
import { readFraction, type TaperFigures } from '#core/catalogue';
import { INCH, inches, type Length } from '#core/units';

/** What the quarter-inch shortcut gives for a diameter, and what is true. */
export interface ByHandCheck {
  /** The diameter less a quarter inch, nm. */
  readonly less: Length;
  /** The nominal sizes nearest to that: two when it lies exactly between them. */
  readonly says: readonly NominalSize[];
}

/** The quarter-inch shortcut for any diameter (nm): take 1/4 in off, take the nearest nominal size. It never decides. */
export function checkByHand(diameter: Length): ByHandCheck {
  const less = diameter - INCH / 4;
  const distances = NOMINAL_SIZES.map((size) => Math.abs(less - inches(readFraction(size))));
  const least = Math.min(...distances);
  return { less, says: NOMINAL_SIZES.filter((_, i) => distances[i] === least) };
}

/** The shortcut tried on a size whose figures are known. */
export interface ByHandRow extends ByHandCheck {
  readonly size: NominalSize;
  readonly holds: boolean;
}

/** Where the shortcut holds and where it lies, size by size: computed from the thread tables, not from a list of exceptions. */
export const checkByHandAll = (
  taper: readonly TaperFigures[],
  over: 'outside' | 'bore',
): readonly ByHandRow[] =>
  taper.map((row) => {
    const check = checkByHand(row[over]);
    return { ...check, size: row.size, holds: check.says.length === 1 && check.says[0] === row.size };
  });
