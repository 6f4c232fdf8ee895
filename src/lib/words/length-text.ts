import { formatLength } from '#core/units/format-length.ts';
import { toInches, toMillimetres, type Length, type LengthUnit } from '#core/units/length.ts';
import type { TapeGraduation } from '#core/units/tape.ts';
import { getMeasureFormat } from '#core/units/written-length.ts';

/** A measure as the fitter would say it: `3 ft 7 1/4 in`, `1098 mm`. */
export const sayLength = (length: Length, unit: LengthUnit): string =>
  formatLength(length, getMeasureFormat(length, unit));

/** A figure of a working, with all the places it has (at most five): `0.7475 in`, `18.99 mm`. */
export function sayExact(length: Length, unit: LengthUnit): string {
  const value = unit === 'in' ? toInches(length) : toMillimetres(length);
  return `${sayNumber(value, unit === 'in' ? 5 : 3)} ${unit}`;
}

/** A reading as an instrument shows it: thousandths and a half of an inch, hundredths of a millimetre. */
export const sayReading = (length: Length, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(toInches(length), 4)} in` : `${sayNumber(toMillimetres(length), 2)} mm`;

/** Millimetres of a drawing to scale, in the unit of the job. */
export const sayMillimetres = (length: number, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(length / 25.4, 3)} in` : `${sayNumber(length, 1)} mm`;

/** A number without idle zeros. */
export const sayNumber = (value: number, places: number): string =>
  String(Number(value.toFixed(places))).replace('-', '−');

/** What the tape is off by, with its sign. */
export function sayError(error: Length, unit: LengthUnit): string {
  if (error === 0) return 'exactly on the mark';
  const size = sayExact(Math.abs(error), unit);
  return error > 0 ? `tape reads ${size} longer than exact` : `tape reads ${size} shorter than exact`;
}

/** The tape's graduation as it is called. */
export const GRADUATION_NAMES: Readonly<Record<TapeGraduation, string>> = {
  '1/8': 'eighths of an inch',
  '1/16': 'sixteenths of an inch',
  '1/32': 'thirty-seconds of an inch',
  '1 mm': 'whole millimetres',
};

/** A weight in the unit of the job's trade: `12 lb`, `5.4 kg`. */
export const sayMass = (kilograms: number, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(kilograms / 0.45359237, 0)} lb` : `${sayNumber(kilograms, 1)} kg`;
