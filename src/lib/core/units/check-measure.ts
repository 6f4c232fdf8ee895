import { accept, refuse, type Result } from '#core/outcome';
import type { LengthRefusal } from './length-refusal.ts';
import { FOOT, type Length, type LengthUnit } from './length.ts';
import { parseLength, type LengthReading } from './parse-length.ts';

/** No leg of a gas run in a building or a garden is longer: beyond it a unit was mistaken. */
export const LONGEST_MEASURE: Length = 1_000 * FOOT;

/** Is this length (nm) one that can be measured on a wall? Refuses zero, negative, and over 1,000 ft. */
export function checkMeasure(length: Length, typed: string): Result<Length, LengthRefusal> {
  if (length === 0) return refuse({ code: 'length-zero', typed });
  if (length < 0) return refuse({ code: 'length-negative', typed });
  if (length > LONGEST_MEASURE) {
    return refuse({ code: 'length-absurd', typed, length, limit: LONGEST_MEASURE });
  }
  return accept(length);
}

/** Reads a measure as typed and checks it: parseLength, then checkMeasure. */
export function parseMeasure(typed: string, jobUnit: LengthUnit): Result<LengthReading, LengthRefusal> {
  const reading = parseLength(typed, jobUnit);
  if (!reading.ok) return reading;
  const checked = checkMeasure(reading.value.length, typed.trim());
  return checked.ok ? reading : checked;
}

/** What may be typed after a beginning: figures, a fraction's rest, a unit. */
const GOES_ON = [
  '1', '2', '6', '16', '32', ' 1/2', '/2', '/16', '"', "'", 'm', 'mm', 'in', 'n', 'nch', 'ch', 'h', 'hes', 'es', 's', 't', 'et', 'eet', 'ft',
] as const; // prettier-ignore

/**
 * Whether what was typed is not a measure, whatever is typed behind it: to be told at once. A beginning (`0`, `3'`, `1/`) is waited
 * for. Of what may follow a few kinds are tried; a unit that is half written is waited for too.
 */
export function isBeyondHope(typed: string, jobUnit: LengthUnit): boolean {
  if (typed.trim() === '' || parseMeasure(typed, jobUnit).ok) return false;
  return GOES_ON.every((rest) => !parseMeasure(`${typed}${rest}`, jobUnit).ok);
}
