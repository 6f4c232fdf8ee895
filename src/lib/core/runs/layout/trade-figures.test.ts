import { newAppliance, type RunDoc } from '#core/runs/document';
import { makeTaperEnd, standardCatalogue } from '#core/catalogue';
import { expect } from 'chai';
import type { LegSize } from '#core/ends';
import { inches, millimetres, toInches } from '#core/units';
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
} from '#support/make-run.ts';
import { planChoosePart, planMeasurePart, planPutPart, planReferMeasure } from '#core/runs/commands';
import { getPieces } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';

/** Figures of the trade, each as fitters know it (inches), against what a run comes to. */
const takeOffAt = (layout: RunLayout, tag: number, end: 0 | 1) => getPiece(layout, tag).ends[end].takeOff;
const centresOf = (layout: RunLayout, doc: RunDoc, tag: number) =>
  layout.legs.get(getLeg(doc, tag).id)!.centreToCentre;

describe('figures of the trade', () => {
  for (const [size, takeOff] of [
    ['1/2', 0.38],
    ['3/4', 0.4175],
    ['1', 0.4325],
    ['1-1/4', 0.6025],
    ['1-1/2', 0.7425],
    ['2', 0.93],
  ] as const) {
    it(`45° elbow of ${size}: take-off ${takeOff}`, () => {
      const layout = layOut(
        makeRun(
          [
            [0, 'up', 30],
            [1, 'up-right', 30],
          ],
          size,
        ),
      );
      expect(takeOffAt(layout, 1, 1)).to.equal(inches(takeOff));
      expect(takeOffAt(layout, 2, 0)).to.equal(inches(takeOff));
    });
  }

  it('coupling: half its length less engagement each side; reducing coupling: half of M less each engagement', () => {
    const equal = layOut(
      makeRun([
        [0, 'right', 30],
        [1, 'right', 20],
      ]),
    );
    expect(takeOffAt(equal, 1, 1)).to.equal(inches(1.52 / 2 - 0.5625));
    const reducing = layOut(
      makeRun([
        [0, 'right', 30],
        [1, 'right', 20, { size: '1/2' }],
      ]),
    );
    expect([takeOffAt(reducing, 1, 1), takeOffAt(reducing, 2, 0)]).to.deep.equal([
      inches(1.44 / 2 - 0.5625),
      inches(1.44 / 2 - 0.5),
    ]);
  });

  it('3/4 street 90 into a 90: centre-to-centre 1.89 + 1.31 − 0.5625 = 2.6375', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'down', null, { geometry: madeUp('down') }],
      [2, 'out', 20],
    ]);
    const layout = layOut(doc);
    expect(centresOf(layout, doc, 2)).to.equal(inches(2.6375));
    const { fitting } = layout.nodes.get(getLeg(doc, 2).to)!;
    expect(fitting.kind === 'part' && fitting.part.kind).to.equal('street-90');
    expect(takeOffAt(layout, 3, 0)).to.equal(inches(1.31 - 0.5625));
    expect(layout.pieces.get(getLeg(doc, 2).id)).to.deep.equal([]);
  });

  it('3/4 × 1/2 hex bushing in a 3/4 elbow: new centre-to-face 1.5975, take-off 1.0975; a reducing elbow 0.72', () => {
    const bushed = makeRun([
      [0, 'right', 30],
      [1, 'down', null, { geometry: madeUp('down') }],
      [2, 'down', 20, { size: '1/2' }],
    ]);
    const layout = layOut(bushed);
    const toFace = centresOf(layout, bushed, 2)!;
    expect(toInches(toFace)).to.equal(1.5975);
    expect(toInches(toFace + takeOffAt(layout, 3, 0)!)).to.equal(1.0975);
    const reducing = layOut(
      makeRun([
        [0, 'right', 30],
        [1, 'down', 20, { size: '1/2' }],
      ]),
    );
    expect(takeOffAt(reducing, 2, 0)).to.equal(inches(0.72));
    const face = applyPlan(bushed, mustBe(planChoosePart(bushed, getLeg(bushed, 2).to, 'face-bushing')));
    // How far a face bushing stands out is fixed nowhere: asked for, never guessed.
    expect(centresOf(layOut(face), face, 2)).to.equal(null);
  });

  it('cap adds its height less engagement; a plug stands out thread less engagement and head', () => {
    const capped = layOut(makeRun([[0, 'right', 20, { cap: true }]], '1/2'));
    expect(takeOffAt(capped, 1, 1)).to.equal(inches(0.37));
    const plugged = makeRun([
      [0, 'right', 20],
      [1, 'right', 20],
      [1, 'down', null, { geometry: madeUp('down'), terminal: { kind: 'plug' } }],
    ]);
    const face = inches(1.31);
    expect(centresOf(layOut(plugged), plugged, 3)! - face).to.equal(inches(0.63 - 0.5625 + 0.44));
  });

  it('in-line parts: the cuts add up to centre-to-centre less both take-offs less length less both engagements of each', () => {
    let doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 60.3125],
      [2, 'up', 20],
    ]);
    const newId = makeIds('parts');
    const { id, from } = getLeg(doc, 2);
    doc = applyPlan(
      doc,
      mustBe(planPutPart(doc, id, 'union', { from, value: inches(20), typed: '20' }, newId)),
    );
    doc = applyPlan(doc, mustBe(planPutPart(doc, id, 'valve', { share: 0.75 }, newId)));
    const valve = standardCatalogue.findPart('valve', '3/4')!;
    expect(getPiece(layOut(doc), '2b').cut).to.equal(null);
    const measured = { endToEnd: inches(2.4375) };
    doc = applyPlan(doc, mustBe(planMeasurePart(doc, valve, measured, { typed: '2 7/16', by: '' }, newId)));
    const cuts = ['2a', '2b', '2c'].map((mark) => getPiece(layOut(doc), mark).cut!.exact);
    const engaged = 0.5625 * 2;
    const expected = 60.3125 - 2 * 0.7475 - (2.06 - engaged) - (2.4375 - engaged);
    expect(cuts.reduce((sum, cut) => sum + cut, 0)).to.equal(inches(expected));
    expect(cuts[0]).to.equal(inches(20 - 0.7475 - (1.03 - 0.5625)));
  });

  it('the smallest set with two 45s and a nipple is (2 (C − e) + nipple) / √2', () => {
    // 3/4: C 0.98, e 0.5625; a close nipple of 1-3/8.
    const set = inches((2 * 0.4175 + 1.375) / Math.SQRT2);
    const doc = makeRun([
      [0, 'up', 30],
      [1, 'up', null, { geometry: offset('up', ['right', toInches(set)]) }],
      [2, 'up', 30],
    ]);
    expect(toInches(getPiece(layOut(doc), 2).cut!.exact)).to.be.closeTo(1.375, 2e-5);
  });

  it('offset: travel = set × √2, run = set; rolling: true set = √(set² + roll²)', () => {
    const plain = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 10]) }],
      [2, 'right', 9],
    ]);
    expect(centresOf(layOut(plain), plain, 2)).to.equal(Math.round(inches(10) * Math.SQRT2));
    expect(takeOffAt(layOut(plain), 2, 0)).to.equal(inches(0.4175));
    const rolling = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 6], ['back', 8]) }],
      [2, 'right', 9],
    ]);
    const layout = layOut(rolling);
    expect(centresOf(layout, rolling, 2)).to.equal(Math.round(inches(10) * Math.SQRT2));
    const [a, b] = [getLeg(rolling, 2).from, getLeg(rolling, 2).to].map(
      (node) => layout.nodes.get(node)!.position,
    );
    expect(b!.x - a!.x).to.be.closeTo(inches(10), 2);
    expect(b!.z - a!.z).to.be.closeTo(inches(6), 2);
    expect(b!.y - a!.y).to.be.closeTo(inches(8), 2);
  });

  /** The middle leg of three, 3/4 with elbows at both ends, measured another way. */
  const measured = (said: Parameters<typeof planReferMeasure>[2]): RunDoc => {
    const doc = makeRun([
      [0, 'up', 30],
      [1, 'right', 43.25],
      [2, 'down', 20],
    ]);
    const measure = Object.values(doc.measures)[1]!;
    return applyPlan(doc, mustBe(planReferMeasure(doc, measure.id, said)));
  };
  const elbows = () => {
    const { from, to } = getLeg(
      makeRun([
        [0, 'up', 30],
        [1, 'right', 43.25],
        [2, 'down', 20],
      ]),
      2,
    );
    return { from, to };
  };
  const ref = (id: string, at: 'centre' | 'face' | 'end' | 'back' | 'wall', gap = 0) =>
    ({ kind: 'node', id, at, gap: inches(gap) }) as const;

  for (const [name, from, to, centres] of [
    ['face to face', ['face'], ['face'], 43.25 + 1.31 + 1.31],
    ['face to centre', ['face'], ['centre'], 43.25 + 1.31],
    ['end of the pipe to centre', ['end'], ['centre'], 43.25 + 1.31 - 0.5625],
    ['end to end of the pipe', ['end'], ['end'], 43.25 + 2 * (1.31 - 0.5625)],
    ['back to back', ['back'], ['back'], 43.25 - 1.458],
    ['back to centre', ['back'], ['centre'], 43.25 - 0.729],
    ['from a wall 2 in behind to a face', ['wall', 2], ['face'], 43.25 - 0.729 - 2 + 1.31],
  ] as const) {
    it(`measured ${name}: centres ${centres.toFixed(4)} in apart`, () => {
      const ends = elbows();
      const doc = measured({ from: ref(ends.from, from[0], from[1]), to: ref(ends.to, to[0]) });
      expect(centresOf(layOut(doc), doc, 2)).to.equal(inches(Number(centres.toFixed(4))));
    });
  }

  it('the back of a tee is the face of the opening on its far side, when there is one', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 20],
      [1, 'down', 20],
    ]);
    const { from, to } = getLeg(doc, 2);
    const measure = Object.values(doc.measures)[1]!;
    const other = applyPlan(
      doc,
      mustBe(planReferMeasure(doc, measure.id, { from: ref(from, 'back'), to: ref(to, 'end') })),
    );
    expect(centresOf(layOut(other), other, 2)).to.equal(inches(20 - 1.31));
  });

  it('a fitting on an existing stub: its centre lies c-f − e beyond the stub’s end', () => {
    const end = makeTaperEnd('NPT', '3/4', 'male');
    const doc = makeRun([
      [0, 'right', null, { geometry: madeUp('right', 'from') }],
      [1, 'down', 20],
    ]);
    const source = Object.values(doc.anchors)[0]!.node;
    const found = {
      ...doc,
      nodes: {
        ...doc.nodes,
        [source]: {
          ...doc.nodes[source]!,
          terminal: { kind: 'existing', specimen: 'specimen0001', end } as const,
        },
      },
    };
    expect(centresOf(layOut(found), found, 1)).to.equal(inches(1.31 - 0.5625));
  });

  it('an appliance inlet takes the pipe to its face: the thread goes in beyond what was measured', () => {
    const terminal = newAppliance('oven');
    const doc = makeRun([[0, 'right', 20, { terminal }]]);
    expect(getPiece(layOut(doc), 1).cut!.exact).to.equal(inches(20 + 0.5625));
  });

  for (const [size, z] of [
    ['1/2', 15],
    ['3/4', 18],
    ['1', 21],
    ['2', 34],
  ] as const satisfies readonly (readonly [LegSize, number])[]) {
    it(`metric ${size}, R in Rp: the pipe ends ${z} mm from the centre of an elbow and of a tee`, () => {
      const more = { material: 'steel-r' } as const;
      const doc = makeRun(
        [
          [0, 'right', 40, more],
          [1, 'right', 40, more],
          [1, 'down', 40, more],
          [2, 'up', 40, more],
        ],
        size,
      );
      const layout = layOut(doc);
      expect([takeOffAt(layout, 3, 0), takeOffAt(layout, 2, 1)]).to.deep.equal([
        millimetres(z),
        millimetres(z),
      ]);
    });
  }

  it('NPT and R never meet in one fitting', () => {
    const doc = makeRun([
      [0, 'right', 40],
      [1, 'down', 40, { material: 'steel-r' }],
    ]);
    const { fitting } = layOut(doc).nodes.get(getLeg(doc, 1).to)!;
    expect(fitting.kind === 'none' && fitting.refusal.code).to.equal('fitting-threads-differ');
    expect([...getPieces(layOut(doc))].map(({ cut }) => cut)).to.deep.equal([null, null]);
  });
});
