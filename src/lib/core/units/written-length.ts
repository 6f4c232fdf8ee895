import type { LengthFormat } from './format-length.ts';
import { INCH, MILLIMETRE, type Length, type LengthUnit } from './length.ts';

/**
 * The format that says a length (nm) on a sheet or a screen in a job's unit: a fraction where it falls on a 64th, otherwise the mark
 * of a tape nearest to it (sixteenths, whole millimetres). Decimals that no tape has are for the reason behind a number.
 */
export function getMeasureFormat(length: Length, unit: LengthUnit): LengthFormat {
  if (unit === 'mm') return { style: 'millimetres', decimals: 0 };
  return { style: 'feet-inches', denominator: length % (INCH / 64) === 0 ? 64 : 16 };
}

/**
 * The format that writes a length (nm) so that reading it gives it back, within 0.005 mm or 0.0005 in: for what is typed over, or kept
 * as typed. A fraction where it falls on a 64th, whole millimetres where it falls on one, otherwise decimals.
 */
export function getTypedFormat(length: Length, unit: LengthUnit): LengthFormat {
  if (unit === 'mm') {
    return { style: 'millimetres', decimals: length % MILLIMETRE === 0 ? 0 : 2 };
  }
  if (length % (INCH / 64) === 0) return { style: 'feet-inches', denominator: 64 };
  return { style: 'decimal-inches', decimals: 3 };
}
