import { expect } from 'chai';
import fc from 'fast-check';
import { formatLength, getFormatStep, type LengthFormat } from './format-length.ts';
import { FOOT, INCH, METRE, MILLIMETRE, type LengthUnit } from './length.ts';
import { parseLength } from './parse-length.ts';
import { isBeyondHope, parseMeasure } from './check-measure.ts';
import { roundToStep } from './tape.ts';

const at = (feet: number, inch: number) => Math.round(feet * FOOT + inch * INCH);

/** What fitters write, and how it is read in an inch job: nm, or the code of the refusal. */
const STRINGS: readonly [typed: string, reading: number | string, unit?: LengthUnit][] = [
  [`3' 7 1/4"`, at(3, 7.25)],
  ['3-7-1/4', at(3, 7.25)],
  ['3-7 1/4', at(3, 7.25)],
  [`3'-7 1/4"`, at(3, 7.25)],
  [`3'7"`, at(3, 7)],
  ['3ft 7.25in', at(3, 7.25)],
  ['3 ft. 7 1/4 in.', at(3, 7.25)],
  ['3 feet 7 inches', at(3, 7)],
  ['43 1/4', at(0, 43.25)],
  ['43-1/4', at(0, 43.25)],
  ['43.25', at(0, 43.25)],
  ['43 1/4"', at(0, 43.25)],
  ['.5', at(0, 0.5)],
  ['3-7/8', at(0, 3.875)],
  ['7/8', at(0, 0.875)],
  ['3-7', at(3, 7)],
  ['3-7.5', at(3, 7.5)],
  ['12', at(0, 12)],
  [`12'`, at(12, 0)],
  ['3 1/2 ft', at(3, 6)],
  ['2.5 ft', at(2, 6)],
  ['43½', at(0, 43.5)],
  ['3′ 7¼″', at(3, 7.25)],
  ['3’ 7”', at(3, 7)],
  ['7⁷⁄₁₆', at(0, 7.4375)],
  ['3-⅞', at(0, 3.875)],
  [`5''`, at(0, 5)],
  ['1098mm', 1098 * MILLIMETRE],
  ['1098 mm', 1098 * MILLIMETRE],
  ['1.098 m', 1098 * MILLIMETRE],
  ['1 m 98 mm', 1098 * MILLIMETRE],
  ['109.8 cm', 1098 * MILLIMETRE],
  ['1098', 1098 * MILLIMETRE, 'mm'],
  ['1098,5', 1098.5 * MILLIMETRE, 'mm'],
  ['43 1/4', at(0, 43.25), 'mm'],
  ['1,098 m', 1.098 * METRE, 'mm'],
  ['', 'length-empty'],
  ['   ', 'length-empty'],
  ['3 7', 'length-two-numbers'],
  ['3 7 1/4', 'length-two-numbers'],
  ['3-14', 'length-inches-not-under-twelve'],
  [`3' 12"`, 'length-inches-not-under-twelve'],
  ['5/4', 'length-fraction-not-under-one'],
  ['3 8/8', 'length-fraction-not-under-one'],
  ['3 1/3', 'length-fraction-not-on-a-tape'],
  ['1/0', 'length-fraction-not-on-a-tape'],
  ['1,098', 'length-decimal-comma'],
  ['3.5 1/2', 'length-fraction-after-decimal'],
  ['5 1/2 mm', 'length-fraction-of-metric'],
  [`3.5' 2"`, 'length-decimal-feet-with-inches'],
  ['about four feet', 'length-unreadable'],
  ['3--7', 'length-unreadable'],
  ['4 mm 3 in', 'length-unreadable'],
  ['1e5', 'length-unreadable'],
  ['0x20', 'length-unreadable'],
  ['1'.repeat(60), 'length-too-long'],
];

describe('parseLength', () => {
  for (const [typed, reading, unit = 'in'] of STRINGS) {
    it(`reads “${typed.slice(0, 20)}” in a job in ${unit}`, () => {
      const result = parseLength(typed, unit);
      expect(result.ok ? result.value.length : result.refusal.code).to.equal(reading);
    });
  }

  it('asks for an echo of a-b alone, and of nothing that is plain', () => {
    const echoes = ['3-7', '3-7.5', '3-7 1/4', `3' 7"`, '43 1/4'].map((typed) => {
      const result = parseLength(typed, 'in');
      return result.ok && result.value.echo;
    });
    expect(echoes).to.deep.equal([true, true, false, false, false]);
  });

  const FORMATS: readonly LengthFormat[] = [
    ...([1, 2, 4, 8, 16, 32, 64] as const).flatMap((denominator) => [
      { style: 'feet-inches', denominator } as const,
      { style: 'inches', denominator } as const,
    ]),
    ...([0, 1, 2, 3, 4, 5] as const).map((decimals) => ({ style: 'decimal-inches', decimals }) as const),
    ...([0, 1, 2, 3, 4, 5, 6] as const).map((decimals) => ({ style: 'millimetres', decimals }) as const),
    ...([0, 1, 2, 3, 4, 5, 6] as const).map((decimals) => ({ style: 'metres', decimals }) as const),
  ];
  for (const format of FORMATS) {
    it(`reads back what ${JSON.stringify(format)} writes, rounded to its step`, () => {
      const lengths = fc.integer({ min: -400 * METRE, max: 400 * METRE });
      fc.assert(
        fc.property(lengths, fc.constantFrom('in' as const, 'mm' as const), (length, unit) => {
          const result = parseLength(formatLength(length, format), unit);
          const rounded = roundToStep(length, getFormatStep(format));
          expect(result.ok && result.value.length).to.equal(rounded === 0 ? 0 : rounded);
        }),
        { numRuns: 150 },
      );
    });
  }

  it('answers any string without throwing, and never with a length that is not whole nanometres', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 45 }),
        fc.constantFrom('in' as const, 'mm' as const),
        (typed, unit) => {
          const result = parseLength(typed, unit);
          if (result.ok) expect(Number.isSafeInteger(result.value.length)).to.equal(true);
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('parseMeasure', () => {
  for (const [typed, code] of [
    ['0', 'length-zero'],
    [`0' 0"`, 'length-zero'],
    ['-5', 'length-negative'],
    ['1000 ft 1 in', 'length-absurd'],
    ['1001 ft', 'length-absurd'],
    ['400 m', 'length-absurd'],
  ] as const) {
    it(`refuses “${typed}” as ${code}`, () => {
      const result = parseMeasure(typed, 'in');
      expect(result.ok ? 'taken' : result.refusal.code).to.equal(code);
    });
  }

  it('takes a thousand feet exactly', () => {
    expect(parseMeasure('1000 ft', 'in').ok).to.equal(true);
  });
});

describe('isBeyondHope: what is told while it is typed', () => {
  for (const typed of ['-', '-5', 'abc', '3/0', '1e9', '0/4', '999999', '3/4/', '?', '--5', '5.5.5'])
    it(`“${typed}” is told at once`, () => {
      expect(isBeyondHope(typed, 'in')).to.equal(true);
      expect(isBeyondHope(typed, 'mm')).to.equal(true);
    });
  it('nothing typed is waited for', () => expect(isBeyondHope('  ', 'in')).to.equal(false));

  it('every beginning of what the keypad and a hand write is waited for', () => {
    const written = [
      "3' 7 1/4",
      '3-7 1/4',
      '12 ft 3 1/16 in',
      '0.5 m',
      '1 1/32',
      '43 1/4"',
      '5 mm',
      '3 feet',
      '2 inches',
      '10 ft 11 15/16',
    ];
    let beginnings = 0;
    for (const whole of written)
      for (let i = 1; i <= whole.length; i++) {
        expect(isBeyondHope(whole.slice(0, i), 'in'), whole.slice(0, i)).to.equal(false);
        beginnings++;
      }
    expect(beginnings).to.be.greaterThan(60);
  });

  it('what reads is never beyond hope (seed 14)', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 9, unit: fc.constantFrom(...'0123456789 /-.\'"mftin') }),
        (typed) => {
          if (parseMeasure(typed, 'in').ok) expect(isBeyondHope(typed, 'in')).to.equal(false);
        },
      ),
      { seed: 14, numRuns: 3000 },
    );
  });
});
