import { FOOT, INCH, METRE, MILLIMETRE, type Length } from './length.ts';
import { roundToStep, TAPE_GRADUATIONS, type TapeGraduation } from './tape.ts';

/**
 * How a length is written: feet, inches and a fraction; inches and a fraction; inches with decimals;
 * millimetres with decimals; metres with decimals.
 */
export type LengthFormat =
  | { readonly style: 'feet-inches' | 'inches'; readonly denominator: 1 | 2 | 4 | 8 | 16 | 32 | 64 }
  | {
      readonly style: 'decimal-inches' | 'millimetres' | 'metres';
      readonly decimals: 0 | 1 | 2 | 3 | 4 | 5 | 6;
    };

/** A written length taken apart, so that a screen can set the fraction as a fraction. */
export interface LengthParts {
  readonly negative: boolean;
  readonly feet: number | null;
  /** Whole number or decimal; null when only a fraction (or only feet) is left. */
  readonly whole: string | null;
  readonly fraction: readonly [numerator: number, denominator: number] | null;
  readonly unit: 'in' | 'mm' | 'm' | null;
}

const DECIMAL_UNITS = {
  'decimal-inches': { size: INCH, unit: 'in' },
  millimetres: { size: MILLIMETRE, unit: 'mm' },
  metres: { size: METRE, unit: 'm' },
} as const;

/** The step (nm) of a format: the finest difference it can write. */
export function getFormatStep(format: LengthFormat): Length {
  if ('denominator' in format) return INCH / format.denominator;
  return Math.max(1, DECIMAL_UNITS[format.style].size / 10 ** format.decimals);
}

/** Takes a length (nm) apart in the given format, rounded to its step. */
export function splitLength(length: Length, format: LengthFormat): LengthParts {
  const rounded = roundToStep(length, getFormatStep(format));
  const negative = rounded < 0;
  const size = Math.abs(rounded);
  if ('denominator' in format) {
    return splitInches(size, negative, format.denominator, format.style === 'feet-inches');
  }
  const { size: unitSize, unit } = DECIMAL_UNITS[format.style];
  const whole = (size / unitSize).toFixed(format.decimals);
  return { negative, feet: null, whole, fraction: null, unit };
}

function splitInches(size: Length, negative: boolean, denominator: number, withFeet: boolean): LengthParts {
  const feet = withFeet ? Math.floor(size / FOOT) : 0;
  const rest = size - feet * FOOT;
  const whole = Math.floor(rest / INCH);
  const fraction = reduceFraction(Math.round(((rest - whole * INCH) * denominator) / INCH), denominator);
  const onlyFeet = feet > 0 && rest === 0;
  return {
    negative,
    feet: feet > 0 ? feet : null,
    whole: onlyFeet || (whole === 0 && fraction) ? null : String(whole),
    fraction,
    unit: onlyFeet ? null : 'in',
  };
}

function reduceFraction(numerator: number, denominator: number): readonly [number, number] | null {
  if (numerator === 0) return null;
  let [n, d] = [numerator, denominator];
  while (n % 2 === 0 && d % 2 === 0) [n, d] = [n / 2, d / 2];
  return [n, d];
}

/** Writes a length (nm) in plain characters, e.g. `3 ft 7 1/4 in`: what parseLength reads back. */
export function formatLength(length: Length, format: LengthFormat): string {
  const parts = splitLength(length, format);
  const written: string[] = [];
  if (parts.feet !== null) written.push(`${parts.feet} ft`);
  if (parts.whole !== null) written.push(parts.whole);
  if (parts.fraction) written.push(parts.fraction.join('/'));
  if (parts.unit) written.push(parts.unit);
  return (parts.negative ? '-' : '') + written.join(' ');
}

/** The format that shows every graduation of a tape. */
export function getTapeFormat(graduation: TapeGraduation): LengthFormat {
  if (graduation === '1 mm') return { style: 'millimetres', decimals: 0 };
  const denominator = Math.round(INCH / TAPE_GRADUATIONS[graduation]) as 8 | 16 | 32;
  return { style: 'feet-inches', denominator };
}
