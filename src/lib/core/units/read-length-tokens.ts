import { accept, refuse, type Result } from '#core/outcome';
import type { LengthRefusal } from './length-refusal.ts';
import type { LengthUnit } from './length.ts';

/** N whole number, D decimal, F fraction, X mixed number; f feet, i inches, u millimetres, c centimetres, m metres. */
export type TokenKind = 'N' | 'D' | 'F' | 'X' | 'f' | 'i' | 'u' | 'c' | 'm' | '-' | '_';

export interface LengthToken {
  readonly kind: TokenKind;
  readonly text: string;
  /** The number, for N, D, F and X. */
  readonly value: number;
}

const UNITS: readonly [TokenKind, RegExp][] = [
  ['f', /^(?:feet|foot|ft\.?|')/],
  ['i', /^(?:inches|inch|ins?\.?|")/],
  ['u', /^(?:millimetres?|millimeters?|mm)/],
  ['c', /^(?:centimetres?|centimeters?|cm)/],
  ['m', /^(?:metres?|meters?|m)(?![a-z])/],
];

// prettier-ignore
const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2', '¼': '1/4', '¾': '3/4', '⅛': '1/8', '⅜': '3/8', '⅝': '5/8', '⅞': '7/8',
  '⅓': '1/3', '⅔': '2/3', '⅕': '1/5', '⅙': '1/6',
};
const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';
const LOWERED = '₀₁₂₃₄₅₆₇₈₉';

/** One spelling for all the ways of writing primes, dashes, fractions and spaces. */
function normalise(typed: string): string {
  return typed
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔⅕⅙]/g, (sign) => ` ${VULGAR[sign]}`)
    .replace(/(?<=\d)(?=[⁰¹²³⁴⁵⁶⁷⁸⁹])/g, ' ')
    .replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (digit) => String(RAISED.indexOf(digit)))
    .replace(/[₀₁₂₃₄₅₆₇₈₉]/g, (digit) => String(LOWERED.indexOf(digit)))
    .replace(/[⁄∕]/g, '/')
    .replace(/''|[″”“]/g, '"')
    .replace(/[′’‘`]/g, "'")
    .replace(/[−–—‐‑]/g, '-')
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .trim();
}

/**
 * Splits a written length into tokens; a decimal comma is read in metric jobs only.
 * Mixed numbers (`7 1/4`, `7-1/4`) come out as one token X. Refuses with the first word it cannot read.
 */
export function readLengthTokens(typed: string, jobUnit: LengthUnit): Result<LengthToken[], LengthRefusal> {
  let rest = normalise(typed);
  const tokens: LengthToken[] = [];
  while (rest) {
    const token = readNumber(rest, typed, jobUnit) ?? readSign(rest);
    if (!token) return refuse({ code: 'length-unreadable', typed, word: rest.split(' ')[0] ?? rest });
    if (!token.ok) return token;
    tokens.push(token.value);
    rest = rest.slice(token.value.text.length);
  }
  return accept(joinMixedNumbers(dropIdleGaps(tokens)));
}

function readNumber(
  rest: string,
  typed: string,
  jobUnit: LengthUnit,
): Result<LengthToken, LengthRefusal> | null {
  const fraction = /^(\d{1,4}) ?\/ ?(\d{1,4})(?![\d.,])/.exec(rest);
  if (fraction) return readFraction(fraction, typed);
  const number = /^(?:\d+(?:[.,]\d*)?|[.,]\d+)/.exec(rest)?.[0];
  if (number === undefined) return null;
  if (number.includes(',') && jobUnit !== 'mm') {
    return refuse({ code: 'length-decimal-comma', typed, withPoint: number.replace(',', '.') });
  }
  const kind = /^\d+$/.test(number) ? 'N' : 'D';
  return accept({ kind, text: number, value: Number(number.replace(',', '.')) });
}

function readFraction(match: RegExpExecArray, typed: string): Result<LengthToken, LengthRefusal> {
  const [numerator, denominator] = [Number(match[1]), Number(match[2])];
  if (/^0\d/.test(match[2]!)) return refuse({ code: 'length-unreadable', typed, word: match[0] });
  if (![2, 4, 8, 16, 32, 64].includes(denominator)) {
    return refuse({ code: 'length-fraction-not-on-a-tape', typed, denominator });
  }
  if (numerator >= denominator) {
    return refuse({
      code: 'length-fraction-not-under-one',
      typed,
      fraction: `${numerator}/${denominator}`,
    });
  }
  return accept({ kind: 'F', text: match[0], value: numerator / denominator });
}

function readSign(rest: string): Result<LengthToken, never> | null {
  if (rest[0] === ' ') return accept({ kind: '_', text: ' ', value: NaN });
  if (rest[0] === '-') return accept({ kind: '-', text: '-', value: NaN });
  for (const [kind, pattern] of UNITS) {
    const text = pattern.exec(rest)?.[0];
    if (text) return accept({ kind, text, value: NaN });
  }
  return null;
}

/** Spaces count only between two numbers; a dash after a unit (`3'-7"`) says nothing more than the unit did. */
function dropIdleGaps(tokens: readonly LengthToken[]): LengthToken[] {
  const isNumber = (token?: LengthToken) => token !== undefined && 'NDF'.includes(token.kind);
  const spaced = tokens.filter(
    (token, i) => token.kind !== '_' || (isNumber(tokens[i - 1]) && isNumber(tokens[i + 1])),
  );
  return spaced.filter((token, i) => !(token.kind === '-' && i > 0 && spaced[i - 1]!.kind === 'f'));
}

function joinMixedNumbers(tokens: readonly LengthToken[]): LengthToken[] {
  const joined: LengthToken[] = [];
  for (const token of tokens) {
    const gap = joined.at(-1);
    const whole = joined.at(-2);
    if (token.kind === 'F' && whole?.kind === 'N' && (gap?.kind === '_' || gap?.kind === '-')) {
      joined.splice(-2, 2, {
        kind: 'X',
        text: `${whole.text} ${token.text}`,
        value: whole.value + token.value,
      });
    } else joined.push(token);
  }
  return joined;
}
