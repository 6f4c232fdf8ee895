import type { LengthUnit } from '#core/units';

/** A key of the fraction keypad. `step` adds the finest mark to the fraction that stands. */
export type PadKey =
  | { readonly kind: 'digit'; readonly digit: string }
  | { readonly kind: 'feet' }
  | { readonly kind: 'point' }
  | { readonly kind: 'fraction'; readonly eighths: number }
  | { readonly kind: 'step' }
  | { readonly kind: 'unit'; readonly unit: 'mm' | 'm' }
  | { readonly kind: 'rub-out' };

const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** What stands in the field after a key: always something the length parser reads, or a beginning of it. */
export function pressKey(typed: string, key: PadKey): string {
  switch (key.kind) {
    case 'digit':
      return /\/\d+$/.test(typed) ? typed : typed + key.digit;
    case 'feet':
      return /^\d+$/.test(typed.trim()) ? `${typed.trim()}' ` : typed;
    case 'point':
      return typed.includes('.') || typed.includes('/') ? typed : `${typed || '0'}.`;
    case 'fraction':
      return putFraction(typed, key.eighths * 2);
    case 'step':
      return putFraction(typed, (readSixteenths(typed) + 1) % 16);
    case 'unit':
      return `${typed.replace(/\s*[a-z]+$/, '')} ${key.unit}`;
    case 'rub-out':
      return rubOut(typed);
  }
}

/** A whole fraction, a unit, or one character, with the gap before it. */
const rubOut = (typed: string): string => typed.replace(/(?:\s*\d+\/\d+|\s*[a-z]+|'\s*|.)$/, '');

const readSixteenths = (typed: string): number => {
  const match = /(\d+)\/(\d+)$/.exec(typed);
  return match ? Math.round((Number(match[1]) * 16) / Number(match[2])) : 0;
};

function putFraction(typed: string, sixteenths: number): string {
  const whole = typed.replace(/\s*\d+\/\d+$/, '').trimEnd();
  if (whole.includes('.') || /[a-z]$/.test(whole)) return typed;
  const fraction = sixteenths % 2 === 0 ? EIGHTHS[sixteenths / 2]! : `${sixteenths}/16`;
  return [whole, fraction].filter(Boolean).join(' ');
}

const digit = (value: string): PadKey => ({ kind: 'digit', digit: value });
const eighths = (value: number): PadKey => ({ kind: 'fraction', eighths: value });

/** What the pad is for: a measure along the pipe, or what a caliper or a rule reads across it. */
export type PadUse = 'measure' | 'reading';

/** The keys of the pad, row by row, for the unit that is read in. Across a pipe nobody reads feet, but decimals. */
export const getPadRows = (unit: LengthUnit, use: PadUse): readonly (readonly PadKey[])[] => {
  if (use === 'measure') return PAD_ROWS[unit];
  if (unit === 'mm') return READING_ROWS;
  return PAD_ROWS.in.map((row) => row.map((key) => (key.kind === 'feet' ? POINT : key)));
};
const POINT: PadKey = { kind: 'point' };
const RUB_OUT: PadKey = { kind: 'rub-out' };

const PAD_ROWS: Readonly<Record<LengthUnit, readonly (readonly PadKey[])[]>> = {
  in: [
    [digit('7'), digit('8'), digit('9'), eighths(1), eighths(2)],
    [digit('4'), digit('5'), digit('6'), eighths(3), eighths(4)],
    [digit('1'), digit('2'), digit('3'), eighths(5), eighths(6)],
    [{ kind: 'feet' }, digit('0'), RUB_OUT, eighths(7), { kind: 'step' }],
  ],
  // Four rows: with a fifth the pad would cover what is done with a leg.
  mm: [
    [digit('7'), digit('8'), digit('9'), RUB_OUT],
    [digit('4'), digit('5'), digit('6'), { kind: 'unit', unit: 'm' }],
    [digit('1'), digit('2'), digit('3'), { kind: 'unit', unit: 'mm' }],
    [digit('0'), POINT],
  ],
};

const READING_ROWS: readonly (readonly PadKey[])[] = [
  [digit('7'), digit('8'), digit('9')],
  [digit('4'), digit('5'), digit('6')],
  [digit('1'), digit('2'), digit('3')],
  [POINT, digit('0'), RUB_OUT],
];
