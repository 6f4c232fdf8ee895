import { accept, refuse, type Result } from '../outcome/result.ts';
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
