import {
  standardThreads,
  standardTubes,
  makeCatalogue,
  engagementTable,
  malleable150Table,
  nptTable,
  steelPipeTable,
} from '#core/catalogue';
import { expect } from 'chai';
import { getCutByAllowances, getCutByMakeIn } from '#core/allowances';
import { NOMINAL_SIZES, type LegSize } from '#core/ends';
import { inches } from '#core/units';
import { getLeg, getPiece, layOut, makeRun, type TestLeg } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { getPieceEnd } from '#core/runs/pieces';
import { getEnds, getPieces } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';

const getEndIds = (layout: RunLayout): string[] => [...getEnds(layout)].map((end) => end.id);

/**
 * The same cuts worked out here in whole ten-thousandths of an inch from figures typed in from the published
 * standards, not through the catalogue: centre-to-end A (elbow, tee), W (coupling), P (cap), engagement e.
 */
const FIGURES: Partial<Record<LegSize, { A: number; W: number; P: number; e: number }>> = {
  '1/2': { A: 11200, W: 13400, P: 8700, e: 5000 },
  '3/4': { A: 13100, W: 15200, P: 9700, e: 5625 },
  '1': { A: 15000, W: 16700, P: 11600, e: 6875 },
  '1-1/4': { A: 17500, W: 19300, P: 12800, e: 6875 },
  '2': { A: 22500, W: 25300, P: 14500, e: 7500 },
};
type EndKind = 'elbow' | 'tee' | 'coupling' | 'cap' | 'open';

function getOwnTakeOff(size: LegSize, end: EndKind): number {
  const { A, W, P, e } = FIGURES[size]!;
  return { elbow: A - e, tee: A - e, coupling: W / 2 - e, cap: P - e, open: 0 }[end];
}

/** One leg between each pair of ends: before it and after it come the legs that make those ends. */
const CASES: readonly {
  name: string;
  legs: readonly TestLeg[];
  piece: number;
  ends: readonly [EndKind, EndKind];
}[] = [
  { name: 'open to open', legs: [[0, 'right', 40.25]], piece: 1, ends: ['open', 'open'] },
  { name: 'open to cap', legs: [[0, 'right', 31.5, { cap: true }]], piece: 1, ends: ['open', 'cap'] },
  {
    name: 'elbow to elbow',
    legs: [
      [0, 'up', 30],
      [1, 'right', 43.25],
      [2, 'down', 20],
    ],
    piece: 2,
    ends: ['elbow', 'elbow'],
  },
  {
    name: 'elbow to coupling',
    legs: [
      [0, 'up', 30],
      [1, 'right', 27.125],
      [2, 'right', 20],
    ],
    piece: 2,
    ends: ['elbow', 'coupling'],
  },
  {
    name: 'tee run to tee run',
    legs: [
      [0, 'right', 30],
      [1, 'down', 20],
      [1, 'right', 61.0625],
      [3, 'down', 20],
      [3, 'right', 18],
    ],
    piece: 3,
    ends: ['tee', 'tee'],
  },
  {
    name: 'tee branch to cap',
    legs: [
      [0, 'right', 30],
      [1, 'right', 25],
      [1, 'down', 14.75, { cap: true }],
    ],
    piece: 3,
    ends: ['tee', 'cap'],
  },
  {
    name: 'tee branch to elbow',
    legs: [
      [0, 'right', 30],
      [1, 'right', 25],
      [1, 'back', 37.375],
      [3, 'down', 12],
    ],
    piece: 3,
    ends: ['tee', 'elbow'],
  },
  {
    name: 'coupling to cap',
    legs: [
      [0, 'right', 30],
      [1, 'right', 19.9, { cap: true }],
    ],
    piece: 2,
    ends: ['coupling', 'cap'],
  },
];

describe('layOutRun', () => {
  for (const size of Object.keys(FIGURES) as LegSize[]) {
    for (const { name, legs, piece, ends } of CASES) {
      it(`${size}, ${name}: agrees with a cut worked out by hand from the published rows`, () => {
        const { cut, centreToCentre } = getPiece(layOut(makeRun(legs, size)), piece);
        const measured = legs[piece - 1]![2]! * 10_000;
        const own = measured - getOwnTakeOff(size, ends[0]) - getOwnTakeOff(size, ends[1]);
        expect(centreToCentre).to.equal(Math.round(measured) * 2540);
        expect(cut?.exact).to.equal(Math.round(own) * 2540);
        expect(cut?.onTape.length).to.equal(Math.round((own * 16) / 10_000) * (25_400_000 / 16));
      });
    }
  }

  it('gives the worked example: 3/4, 3 ft 7 1/4 in between elbows, allowance 0.7475 each, cut 41.755, on the tape 41 3/4', () => {
    const piece = getPiece(
      layOut(
        makeRun([
          [0, 'up', 30],
          [1, 'right', 43.25],
          [2, 'down', 20],
        ]),
      ),
      2,
    );
    expect(piece.ends.map(({ takeOff }) => takeOff)).to.deep.equal([inches(0.7475), inches(0.7475)]);
    expect(piece.cut).to.deep.include({ exact: inches(41.755), nipple: null });
    expect(piece.cut!.onTape).to.deep.equal({ length: inches(41.75), error: -inches(0.005) });
  });

  it('gives the cap figures of the trade: 1/2 adds 0.37, 3/4 adds 0.41 beyond the pipe', () => {
    for (const [size, adds] of [
      ['1/2', 0.37],
      ['3/4', 0.4075],
    ] as const) {
      const piece = getPiece(layOut(makeRun([[0, 'right', 20, { cap: true }]], size)), 1);
      expect(piece.ends[1].takeOff).to.equal(inches(adds));
    }
  });

  for (let seed = 1; seed <= 25; seed++) {
    it(`random run of seed ${seed}: both length methods agree to the nanometre at every piece`, () => {
      const layout = layOut(makeRandomRun(60, seed));
      for (const piece of getPieces(layout)) {
        const [a, b] = [getPieceEnd(piece.ends[0]), getPieceEnd(piece.ends[1])];
        expect(piece.cut?.exact).to.equal(getCutByAllowances(piece.centreToCentre!, a, b));
        expect(piece.cut?.exact).to.equal(getCutByMakeIn(piece.centreToCentre!, a, b));
      }
      expect(layout.pieces.size).to.equal(60);
    });
  }

  it('changes nothing but the piece when its measure changes, and no id at all', () => {
    const before = makeRandomRun(80, 7);
    const [changed] = Object.values(before.measures);
    const after = {
      ...before,
      measures: { ...before.measures, [changed!.id]: { ...changed!, value: changed!.value + inches(1) } },
    };
    const [old, now] = [layOut(before), layOut(after)];
    const readIds = (layout: RunLayout) => [...getPieces(layout)].map(({ id }) => id);
    expect(readIds(now)).to.deep.equal(readIds(old));
    expect(getEndIds(now)).to.deep.equal(getEndIds(old));
    const differing = [...getPieces(now)].filter(
      (piece) => piece.cut?.exact !== old.pieces.get(piece.leg)![0]!.cut?.exact,
    );
    expect(differing.map(({ leg }) => leg)).to.deep.equal(['leg000001']);
  });

  it('keeps the ids of an elbow’s joints when a branch makes it a tee', () => {
    const elbow = makeRun([
      [0, 'right', 30],
      [1, 'right', 25],
    ]);
    const tee = makeRun([
      [0, 'right', 30],
      [1, 'right', 25],
      [1, 'down', 20],
    ]);
    const kept = getEndIds(layOut(elbow));
    expect(getEndIds(layOut(tee))).to.include.members(kept);
  });

  it('lays the same pieces wherever the source is', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 25],
      [1, 'down', 20],
    ]);
    const moved = {
      ...doc,
      anchors: { a1234567: { id: 'a1234567', node: getLeg(doc, 3).to, role: 'source' as const } },
    };
    const cuts = (run: typeof doc) =>
      [...getPieces(layOut(run))].map(({ id, cut }) => `${id} ${cut?.exact}`).sort();
    expect(cuts(moved)).to.deep.equal(cuts(doc));
    expect([...layOut(moved).legs.values()][0]!.leg.tag).to.equal(3);
  });

  // Figures typed in from the published rows, apart from the catalogue: reach less engagement at each end.
  for (const [name, legs, tag, cut] of [
    [
      '3/4 into a 3/4 x 1/2 elbow',
      [
        [0, 'right', 30],
        [1, 'down', 20, { size: '1/2' }],
      ],
      1,
      30 - (1.2 - 0.5625),
    ],
    [
      '1/2 out of a 3/4 x 1/2 elbow',
      [
        [0, 'right', 30],
        [1, 'down', 20, { size: '1/2' }],
      ],
      2,
      20 - (1.22 - 0.5),
    ],
    [
      '1/2 branch of a 3/4 x 3/4 x 1/2 tee',
      [
        [0, 'right', 30],
        [1, 'right', 30],
        [1, 'down', 20, { size: '1/2' }],
      ],
      3,
      20 - (1.22 - 0.5),
    ],
    [
      '3/4 run of a 3/4 x 1/2 x 1/2 tee',
      [
        [0, 'right', 30],
        [1, 'right', 30, { size: '1/2' }],
        [1, 'down', 20, { size: '1/2' }],
      ],
      1,
      30 - (1.2 - 0.5625),
    ],
    [
      '1/2 run of a 3/4 x 1/2 x 1/2 tee',
      [
        [0, 'right', 30],
        [1, 'right', 30, { size: '1/2' }],
        [1, 'down', 20, { size: '1/2' }],
      ],
      2,
      30 - (1.12 - 0.5),
    ],
    [
      '3/4 into a 3/4 x 1/2 coupling',
      [
        [0, 'right', 30],
        [1, 'right', 20, { size: '1/2' }],
      ],
      1,
      30 - (0.72 - 0.5625),
    ],
    [
      '1/2 out of a 3/4 x 1/2 coupling',
      [
        [0, 'right', 30],
        [1, 'right', 20, { size: '1/2' }],
      ],
      2,
      20 - (0.72 - 0.5),
    ],
  ] as const satisfies readonly (readonly [string, readonly TestLeg[], number, number])[]) {
    it(`cuts ${name} by each opening's own length`, () => {
      expect(getPiece(layOut(makeRun(legs)), tag).cut!.exact).to.equal(inches(cut));
    });
  }

  it('gives no cut over a fitting that is not carried', () => {
    const bare = makeCatalogue(
      {
        version: 'bare',
        threads: nptTable,
        engagement: engagementTable,
        pipes: steelPipeTable,
        malleable: malleable150Table.filter(({ size }) => size !== '3/4'),
        reducing: [],
        nipples: [],
        counter: [],
        unions: [],
        bushings: [],
        britishThreads: [],
        britishFittings: [],
        ground: { covers: [], beads: [], openTimes: [] },
        tube: { adapters: [], flares: [], depths: [] },
      },
      standardThreads,
      standardTubes,
    );
    const piece = getPiece(
      layOut(
        makeRun([
          [0, 'up', 30],
          [1, 'right', 43.25],
        ]),
        bare,
      ),
      1,
    );
    expect(piece.cut).to.equal(null);
    expect(piece.ends[1].unknown).to.equal('no-fitting');
  });

  it('carries the figures of this test in its tables too, for every size', () => {
    for (const size of NOMINAL_SIZES) {
      const own = FIGURES[size];
      const row = malleable150Table.find((each) => each.size === size)!;
      if (own)
        expect([row.elbow90A, row.couplingW, row.capP]).to.deep.equal(
          [own.A, own.W, own.P].map((n) => n / 1e4),
        );
    }
  });
});
