import type { LengthFormat } from './format-length.ts';
import { INCH, MILLIMETRE, type Length, type LengthUnit } from './length.ts';

/**
 * The format that writes a measured length (nm) in a job's unit without losing anything a tape could show: a
 * fraction where it falls on a 64th, whole millimetres where it falls on one, otherwise decimals.
 */
export function getMeasureFormat(length: Length, unit: LengthUnit): LengthFormat {
  if (unit === 'mm') {
    return { style: 'millimetres', decimals: length % MILLIMETRE === 0 ? 0 : 2 };
  }
  if (length % (INCH / 64) === 0) return { style: 'feet-inches', denominator: 64 };
  return { style: 'decimal-inches', decimals: 3 };
}
