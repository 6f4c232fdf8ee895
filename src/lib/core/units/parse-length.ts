import { accept, refuse, type Result } from '#core/outcome';
import type { LengthRefusal } from './length-refusal.ts';
import { FOOT, INCH, METRE, MILLIMETRE, type Length, type LengthUnit } from './length.ts';
import { readLengthTokens, type LengthToken } from './read-length-tokens.ts';

/** How a length was understood; `echo` asks the screen to say it before the length is used. */
export interface LengthReading {
  readonly length: Length;
  readonly form: 'feet' | 'feet-inches' | 'inches' | 'metric' | 'job-unit';
  readonly echo: boolean;
}

interface Form {
  readonly pattern: RegExp;
  readonly form: LengthReading['form'];
  readonly echo: boolean;
  /** Numbers in the order they stand → nm. */
  readonly measure: (numbers: readonly number[], jobUnit: LengthUnit) => number;
  readonly inchesAfterFeet?: true;
}

const feetAndInches = ([feet = 0, inch = 0]: readonly number[]) => feet * FOOT + inch * INCH;
const first =
  (unit: Length) =>
  ([number = 0]: readonly number[]) =>
    number * unit;

/** The forms fitters write, read from the kinds of their tokens. Exactly one fits, or none. */
const FORMS: readonly Form[] = [
  { pattern: /^[NDXF]f$/, form: 'feet', echo: false, measure: first(FOOT) },
  {
    pattern: /^Nf[NDXF]i?$/,
    form: 'feet-inches',
    echo: false,
    measure: feetAndInches,
    inchesAfterFeet: true,
  },
  { pattern: /^N-Xi?$/, form: 'feet-inches', echo: false, measure: feetAndInches, inchesAfterFeet: true },
  { pattern: /^N-[ND]i?$/, form: 'feet-inches', echo: true, measure: feetAndInches, inchesAfterFeet: true },
  { pattern: /^[NDXF]i$/, form: 'inches', echo: false, measure: first(INCH) },
  { pattern: /^[XF]$/, form: 'inches', echo: false, measure: first(INCH) },
  {
    pattern: /^[ND]$/,
    form: 'job-unit',
    echo: false,
    measure: ([number = 0], unit) => number * (unit === 'mm' ? MILLIMETRE : INCH),
  },
  { pattern: /^[ND]u$/, form: 'metric', echo: false, measure: first(MILLIMETRE) },
  { pattern: /^[ND]c$/, form: 'metric', echo: false, measure: first(10 * MILLIMETRE) },
  { pattern: /^[ND]m$/, form: 'metric', echo: false, measure: first(METRE) },
  {
    pattern: /^Nm[ND]u$/,
    form: 'metric',
    echo: false,
    measure: ([metres = 0, millimetres = 0]) => metres * METRE + millimetres * MILLIMETRE,
  },
];

/** Patterns that fit no form, each with the refusal that says why. */
const NEAR_MISSES: readonly [RegExp, (typed: string, tokens: readonly LengthToken[]) => LengthRefusal][] = [
  [
    /^N_(?:N|D|X)/,
    (typed, tokens) => ({
      code: 'length-two-numbers',
      typed,
      first: tokens[0]!.text,
      rest: tokens[2]!.text,
    }),
  ],
  [/D[_-]?F/, (typed) => ({ code: 'length-fraction-after-decimal', typed })],
  [/[XF][ucm]/, (typed) => ({ code: 'length-fraction-of-metric', typed })],
  [/^[DXF]f./, (typed) => ({ code: 'length-decimal-feet-with-inches', typed })],
];

const LONGEST = 40;

/**
 * Reads a length as fitters write it (`3' 7 1/4"`, `3-7-1/4`, `43 1/4`, `3ft 7.25in`, `1098mm`, `1.098 m`).
 * Reading rule: `a-b/c` and `a b/c` are inches; `a-b-c/d` and `a-b c/d` are feet-inches-fraction; `a-b` alone is
 * feet-inches and asks to be echoed; no unit means the job's; a fraction is under 1; inches after feet are under 12.
 * Gives nm (rounded to 1 nm once); refuses the rest with what was read. A leading minus is read: whether a negative
 * length makes sense is for the caller (checkMeasure).
 */
export function parseLength(typed: string, jobUnit: LengthUnit): Result<LengthReading, LengthRefusal> {
  const trimmed = typed.trim();
  if (!trimmed) return refuse({ code: 'length-empty' });
  if (trimmed.length > LONGEST) return refuse({ code: 'length-too-long', characters: trimmed.length });
  const negative = /^[-−–]\s*(?=[\d.½¼¾⅛⅜⅝⅞])/.exec(trimmed)?.[0] ?? '';
  const tokens = readLengthTokens(trimmed.slice(negative.length), jobUnit);
  if (!tokens.ok) return tokens;
  const reading = readForm(trimmed, tokens.value, jobUnit);
  if (!reading.ok || !negative || reading.value.length === 0) return reading;
  return accept({ ...reading.value, length: -reading.value.length });
}

function readForm(
  typed: string,
  tokens: readonly LengthToken[],
  jobUnit: LengthUnit,
): Result<LengthReading, LengthRefusal> {
  const kinds = tokens.map((token) => token.kind).join('');
  const form = FORMS.find(({ pattern }) => pattern.test(kinds));
  if (!form) {
    const miss = NEAR_MISSES.find(([pattern]) => pattern.test(kinds));
    return refuse(miss ? miss[1](typed, tokens) : { code: 'length-unreadable', typed, word: typed });
  }
  const numbers = tokens.filter(({ kind }) => 'NDXF'.includes(kind));
  const inch = numbers[1];
  if (form.inchesAfterFeet && inch && inch.value >= 12) {
    return refuse({
      code: 'length-inches-not-under-twelve',
      typed,
      feet: numbers[0]!.value,
      inches: inch.text,
    });
  }
  const length = Math.round(
    form.measure(
      numbers.map(({ value }) => value),
      jobUnit,
    ),
  );
  return accept({ length, form: form.form, echo: form.echo });
}
