import {
  formatLength,
  INCH,
  MILLIMETRE,
  toInches,
  toMillimetres,
  type Length,
  type LengthUnit,
  type RoundFigure,
  roundToStep,
  type TapeGraduation,
  getMeasureFormat,
  getTypedFormat,
} from '#core/units';

/** A measure as the fitter would say it: `3 ft 7 1/4 in`, `1098 mm`. */
export const sayLength = (length: Length, unit: LengthUnit): string =>
  formatLength(length, getMeasureFormat(length, unit));

/** A length as it can be typed again without losing any of it: `13.342 in`. For fields, and what was read from one. */
export const sayTyped = (length: Length, unit: LengthUnit): string =>
  formatLength(length, getTypedFormat(length, unit));

/** A figure of a working, with all the places it has (at most five): `0.7475 in`, `18.99 mm`. */
export function sayExact(length: Length, unit: LengthUnit): string {
  const value = unit === 'in' ? toInches(length) : toMillimetres(length);
  return `${sayNumber(value, unit === 'in' ? 5 : 3)} ${unit}`;
}

/** As fine as a tape in the hand shows. */
const TAPE_STEPS: Readonly<Record<LengthUnit, Length>> = { in: INCH / 16, mm: MILLIMETRE };

/**
 * A length that was worked out, as a tape shows it: to the nearest sixteenth or millimetre, to the next one where it is the least
 * that will do (`up`), to the one before where it is the most (`down`). What is less than the first mark says so. Exact figures are for the reason behind a number.
 */
export function sayTaped(length: Length, unit: LengthUnit, round: 'near' | 'up' | 'down' = 'near'): string {
  const step = TAPE_STEPS[unit];
  if (length < 0) return `−${sayTaped(-length, unit, round)}`;
  if (length > 0 && length < step && round === 'near') return `less than ${sayLength(step, unit)}`;
  const marks = {
    near: () => roundToStep(length, step),
    up: () => Math.ceil(length / step) * step,
    down: () => Math.floor(length / step) * step,
  };
  return sayLength(marks[round](), unit);
}

/** How deep something lies: whole inches under four feet are said as inches (`18 in`), as whoever digs says them. */
export const sayDepth = (length: Length, unit: LengthUnit): string =>
  unit === 'in' && length % INCH === 0 && length < 48 * INCH ? `${length / INCH} in` : sayTaped(length, unit);

/** A figure that a rule or practice has on either tape. */
export const sayFigure = (figure: RoundFigure, unit: LengthUnit): string => sayLength(figure[unit], unit);

/** A temperature as it is read in the job's country: whole degrees, °F or °C. */
export const sayTemperature = (fahrenheit: number, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(fahrenheit, 0)} °F` : `${sayNumber(((fahrenheit - 32) * 5) / 9, 0)} °C`;

/** A temperature with what it may be off by: `425 ± 10 °F`. */
export const sayTemperatureWithin = (fahrenheit: number, within: number, unit: LengthUnit): string =>
  sayTemperature(fahrenheit, unit).replace(
    ' ',
    ` ± ${sayNumber(unit === 'in' ? within : (within * 5) / 9, 0)} `,
  );

/** A reading as an instrument shows it: thousandths and a half of an inch, hundredths of a millimetre. */
export const sayReading = (length: Length, unit: LengthUnit): string =>
  unit === 'in' ? `${sayNumber(toInches(length), 4)} in` : `${sayNumber(toMillimetres(length), 2)} mm`;

/** Millimetres of a drawing to scale, as a tape in the unit of the job shows them. */
export const sayMillimetres = (length: number, unit: LengthUnit): string =>
  sayTaped(Math.round(length * MILLIMETRE), unit);

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
