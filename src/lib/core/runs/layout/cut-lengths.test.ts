import { expect } from 'chai';
import type { LegSize } from '#core/ends';
import { inches } from '#core/units';
import {
  applyPlan,
  getLeg,
  getPiece,
  layOut,
  madeUp,
  makeIds,
  makeRun,
  mustBe,
  offset,
  type TestLeg,
} from '#support/make-run.ts';
import { planPutPart } from '#core/runs/commands';

/**
 * Figures typed in from the published standards, not through the catalogue, in whole ten-thousandths of an inch: A elbow and
 * tee, C 45° elbow, J street elbow's male end, LB hex bushing to the next smaller size (thread and head), U union,
 * e engagement, and the next smaller size with its e.
 */
const FIGURES: Partial<
  Record<
    LegSize,
    { A: number; C: number; J: number; LB: number; U: number; e: number; small: LegSize; es: number }
  >
> = {
  '1/2': { A: 11200, C: 8800, J: 16300, LB: 7500, U: 18800, e: 5000, small: '3/8', es: 3750 },
  '3/4': { A: 13100, C: 9800, J: 18900, LB: 8500, U: 20600, e: 5625, small: '1/2', es: 5000 },
  '1': { A: 15000, C: 11200, J: 21400, LB: 10000, U: 22800, e: 6875, small: '3/4', es: 5625 },
  '1-1/4': { A: 17500, C: 12900, J: 24500, LB: 10800, U: 25200, e: 6875, small: '1', es: 6875 },
  '2': { A: 22500, C: 16800, J: 32600, LB: 12200, U: 30500, e: 7500, small: '1-1/2', es: 6875 },
};

const MEASURE = 41.1875;
type Figures = NonNullable<(typeof FIGURES)[LegSize]>;
interface Case {
  readonly name: string;
  readonly legs: (own: Figures) => readonly TestLeg[];
  readonly piece: number | string;
  /** The cut in ten-thousandths of an inch. */
  readonly cut: (own: Figures, measured: number) => number;
  readonly union?: number;
}
const CASES: readonly Case[] = [
  {
    name: 'between a 90 and a 45',
    legs: () => [[0, 'up', 30], [1, 'right', MEASURE], [2, 'up-right', 20]],
    piece: 2,
    cut: ({ A, C, e }, m) => m - (A - e) - (C - e),
  },
  {
    name: 'between two 45s',
    legs: () => [[0, 'right', 30], [1, 'back-right', MEASURE], [2, 'right', 20]],
    piece: 2,
    cut: ({ C, e }, m) => m - 2 * (C - e),
  },
  {
    name: 'out of a street 90 to an elbow',
    legs: () => [[0, 'right', 30], [1, 'down', null, { geometry: madeUp('down') }], [2, 'out', MEASURE], [3, 'down', 12]],
    piece: 3,
    cut: ({ A, e }, m) => m - 2 * (A - e),
  },
  {
    name: 'over a bushed opening, measured from the elbow’s centre',
    legs: ({ small }) => [[0, 'right', 30], [1, 'down', null, { geometry: madeUp('down') }], [2, 'down', MEASURE, { size: small }]],
    piece: 3,
    cut: ({ es }, m) => m + es,
  },
  {
    name: 'travel of an offset with a set of 12 in',
    legs: () => [[0, 'up', 30], [1, 'up', null, { geometry: offset('up', ['left', 12]) }], [2, 'up', 20]],
    piece: 2,
    cut: ({ C, e }) => 120_000 * Math.SQRT2 - 2 * (C - e),
  },
  {
    name: 'before a union 14 in from an elbow',
    legs: () => [[0, 'up', 30], [1, 'right', MEASURE], [2, 'down', 12]],
    union: 14,
    piece: '2a',
    cut: ({ A, U, e }) => 140_000 - (A - e) - (U / 2 - e),
  },
  {
    name: 'after a union 14 in from an elbow',
    legs: () => [[0, 'up', 30], [1, 'right', MEASURE], [2, 'down', 12]],
    union: 14,
    piece: '2b',
    cut: ({ A, U, e }, m) => m - 140_000 - (A - e) - (U / 2 - e),
  },
  {
    name: 'into a street 90 whose male end goes on into an elbow',
    legs: () => [[0, 'right', MEASURE], [1, 'down', null, { geometry: madeUp('down', 'from') }], [2, 'out', 12]],
    piece: 1,
    cut: ({ A, e }, m) => m - (A - e),
  },
]; // prettier-ignore

describe('cut lengths worked out apart from the catalogue', () => {
  for (const [size, own] of Object.entries(FIGURES) as [LegSize, Figures][]) {
    for (const { name, legs, piece, cut, union } of CASES) {
      it(`${size}, ${name}`, () => {
        let doc = makeRun(legs(own), size);
        if (union !== undefined) {
          const { id, from } = getLeg(doc, 2);
          const place = { from, value: inches(union), typed: String(union) };
          doc = applyPlan(doc, mustBe(planPutPart(doc, id, 'union', place, makeIds('parts'))));
        }
        const expected = cut(own, MEASURE * 10_000) * 2540;
        // The travel is irrational and rounded to 1 nm once; everything else is exact.
        expect(getPiece(layOut(doc), piece).cut!.exact).to.be.closeTo(
          expected,
          name.startsWith('travel') ? 1 : 1e-6,
        );
      });
    }
  }

  it('of fitting in fitting: male end and centre-to-face less engagement, every size', () => {
    for (const [size, { A, J, LB, e, small }] of Object.entries(FIGURES) as [LegSize, Figures][]) {
      const street = makeRun(
        [
          [0, 'right', 30],
          [1, 'down', null, { geometry: madeUp('down') }],
          [2, 'out', 20],
        ],
        size,
      );
      expect(layOut(street).legs.get(getLeg(street, 2).id)!.centreToCentre, size).to.equal(
        (J + A - e) * 2540,
      );
      const bushed = makeRun(
        [
          [0, 'right', 30],
          [1, 'down', null, { geometry: madeUp('down') }],
          [2, 'down', 20, { size: small }],
        ],
        size,
      );
      expect(layOut(bushed).legs.get(getLeg(bushed, 2).id)!.centreToCentre, size).to.equal(
        (LB + A - e) * 2540,
      );
    }
  });
});
