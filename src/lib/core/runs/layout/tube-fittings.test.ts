import { expect } from 'chai';
import { applyPlan, getLeg, getPiece, layOut, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { checkRun } from '#core/checks';
import { standardCatalogue, type BoughtKind } from '#core/catalogue';
import { inches, millimetres } from '#core/units';
import { assemble } from './bodies.ts';
import { findKindsThatFit, planChoosePart, planMeasurePart } from '#core/runs/commands';
import type { RunLayout } from './layout.ts';
import type { RunDoc } from '#core/runs/document';

const csst = { material: 'csst', size: '1/2' } as const;
const olives = { material: 'copper-compression', size: '15 mm', stock: 'length' } as const;
const thin = { ...olives, size: '8 mm' } as const;
const pressed = { material: 'steel-pressed', size: '3/4' } as const;

const choose = (doc: RunDoc, node: string, part: BoughtKind): RunDoc =>
  applyPlan(doc, mustBe(planChoosePart(doc, node, part)));
const fittingAt = ({ nodes }: RunLayout, node: string) => {
  const { fitting } = nodes.get(node)!;
  if (fitting.kind !== 'part') throw new Error(`no part stands there: ${JSON.stringify(fitting)}`);
  return fitting;
};
const codes = (layout: RunLayout) => checkRun(layout).map(({ code }) => code);
const joints = (layout: RunLayout) =>
  assemble(layout)
    .joints.map(({ kind }) => kind)
    .sort();

describe('a flanged end fitting', () => {
  const run = (turn: 'right' | 'up') =>
    makeRun([
      [0, 'right', 40],
      [1, turn, 60, csst],
    ]);

  it('is chosen in place of the adapter where tubing goes straight on from pipe, and takes the pipe’s thread', () => {
    const doc = run('right');
    const node = getLeg(doc, 1).to;
    expect(findKindsThatFit(doc, node).slice(0, 2)).to.deep.equal(['adapter', 'flange']);
    expect(fittingAt(layOut(doc), node).part.id).to.equal('tube/csst/adapter/1-2/NPT-3-4-female');
    const flanged = layOut(choose(doc, node, 'flange'));
    expect(fittingAt(flanged, node).part.id).to.equal('tube/csst/flange/1-2/NPT-3-4-female');
    expect(joints(flanged)).to.deep.equal(['csst', 'npt-in-npt']);
    expect(codes(flanged)).not.to.include('choice-does-not-fit');
  });

  it('is not offered round a corner, nor for copper', () => {
    const doc = run('up');
    expect(findKindsThatFit(doc, getLeg(doc, 1).to)).not.to.include('flange');
    const refused = planChoosePart(doc, getLeg(doc, 1).to, 'flange');
    expect(refused.ok ? null : refused.refusal.code).to.equal('part-does-not-fit');
    const copper = makeRun([
      [0, 'right', 40],
      [1, 'right', 60, { material: 'copper-flared', size: '1/2 ACR' }],
    ]);
    expect(findKindsThatFit(copper, getLeg(copper, 1).to))
      .to.include('adapter')
      .and.not.to.include('flange');
  });
});

describe('a manifold', () => {
  const outlets: readonly TestLeg[] = [
    [1, 'right', 60, csst],
    [1, 'up', 30, csst],
    [1, 'down', 30, { ...csst, size: '3/8' }],
  ];

  it('stands where tubing leaves three ways, with the thread of the pipe that feeds it', () => {
    const doc = makeRun([[0, 'right', 40], ...outlets]);
    const layout = layOut(doc);
    const { part, legs, adapters } = fittingAt(layout, getLeg(doc, 1).to);
    expect(part.id).to.equal('tube/csst/manifold/NPT-3-4x1-2x1-2x3-8');
    expect(legs.map(({ size }) => size)).to.deep.equal(['3/4', '1/2', '1/2', '3/8']);
    expect(adapters).to.equal(null);
    expect(joints(layout)).to.deep.equal(['csst', 'csst', 'csst', 'npt-in-npt']);
    // Nothing rigid is cut over it before it was measured; the tubing is cut long.
    expect(getPiece(layout, 1).cut).to.equal(null);
    expect(getPiece(layout, 2).cut!.trimmed[0]).to.equal(true);
    const of = standardCatalogue.findPartById(part.id)!;
    const measured = applyPlan(
      doc,
      mustBe(
        planMeasurePart(
          doc,
          of,
          { port: 'run-a', reach: inches(1.25) },
          { typed: '1-1/4', by: 'Bo' },
          () => 'own0000001',
        ),
      ),
    );
    expect(getPiece(layOut(measured), 1).cut!.exact).to.be.closeTo(inches(40 - 1.25 + 0.53), inches(0.1));
  });

  it('is made of tubing alone too, and of no pipe alone', () => {
    const tubing = makeRun([[0, 'right', 40, csst], ...outlets]);
    expect(fittingAt(layOut(tubing), getLeg(tubing, 1).to).part.id).to.equal(
      'tube/csst/manifold/1-2x1-2x1-2x3-8',
    );
    expect(() =>
      makeRun([
        [0, 'right', 40],
        [1, 'right', 60],
        [1, 'up', 30],
        [1, 'down', 30],
      ]),
    ).to.throw('leg-node-full');
  });
});

describe('a reducing set', () => {
  const doc = makeRun([
    [0, 'right', 40, olives],
    [1, 'right', 40, olives],
    [1, 'up', 20, thin],
  ]);
  const node = getLeg(doc, 1).to;

  it('makes an equal body take a smaller tube: two joints there, its lengths to be measured', () => {
    expect(findKindsThatFit(doc, node)).to.deep.equal(['tee', 'reducing-set']);
    const reduced = layOut(doc);
    expect(fittingAt(reduced, node).part.id).to.equal('tube/compression/tee/15-mmx15-mmx8-mm');
    const chosen = choose(doc, node, 'reducing-set');
    const layout = layOut(chosen);
    const { part, adapters } = fittingAt(layout, node);
    expect(part.id).to.equal('tube/compression/tee/15-mm');
    const thinLeg = getLeg(doc, 3).id;
    expect(Object.keys(adapters!)).to.deep.equal([thinLeg]);
    expect(adapters![thinLeg]!.part.id).to.equal('tube/compression/reducing-set/8-mmx15-mm');
    expect(joints(layout)).to.have.length(joints(reduced).length + 1);
    expect(codes(layout)).not.to.include('choice-does-not-fit');
    expect(getPiece(layout, 3).cut).to.equal(null);
  });

  it('measured, its tube is cut over it: body, set and insertion', () => {
    let now = choose(doc, node, 'reducing-set');
    let n = 0;
    for (const [id, port, reach, depth] of [
      ['tube/compression/tee/15-mm', 'branch', 20, 17],
      ['tube/compression/reducing-set/8-mmx15-mm', 'small', 14, 11],
      ['tube/compression/reducing-set/8-mmx15-mm', 'large', 12, null],
    ] as const) {
      const of = standardCatalogue.findPartById(id)!;
      const said = { typed: '', by: 'Bo' };
      now = applyPlan(
        now,
        mustBe(
          planMeasurePart(
            now,
            of,
            { port, reach: millimetres(reach) },
            said,
            () => `own${String(++n).padStart(7, '0')}`,
          ),
        ),
      );
      if (depth !== null)
        now = applyPlan(
          now,
          mustBe(
            planMeasurePart(
              now,
              of,
              { port, depth: millimetres(depth) },
              said,
              () => `own${String(++n).padStart(7, '0')}`,
            ),
          ),
        );
    }
    const piece = getPiece(layOut(now), 3);
    // From the tee's centre: 20 to its face, 17 in with the set, 12 of the set to its middle, 14 on to its face, 11 in with the tube.
    const [near] = piece.ends;
    expect(near.takeOff! / 1e6).to.be.closeTo(20 - 17 + 12 + 14 - 11, 1e-6);
  });

  it('is not offered where all are of a size, nor for flares', () => {
    const equal = makeRun([
      [0, 'right', 40, olives],
      [1, 'right', 40, olives],
      [1, 'up', 20, olives],
    ]);
    expect(findKindsThatFit(equal, getLeg(equal, 1).to)).to.deep.equal(['tee']);
    const flared = (size: '1/2 ACR' | '3/8 ACR') => ({ material: 'copper-flared', size }) as const;
    const flares = makeRun([
      [0, 'right', 40, flared('1/2 ACR')],
      [1, 'right', 40, flared('1/2 ACR')],
      [1, 'up', 20, flared('3/8 ACR')],
    ]);
    expect(findKindsThatFit(flares, getLeg(flares, 1).to)).to.deep.equal(['tee']);
  });
});

describe('pipe between two pressed fittings', () => {
  const doc = makeRun([
    [0, 'right', 40, pressed],
    [1, 'up', 6.5, pressed],
    [2, 'right', 40, pressed],
  ]);
  const measured = (() => {
    const of = standardCatalogue.findPartById('tube/press-steel/elbow-90/3-4')!;
    let [now, n] = [doc, 0];
    for (const port of ['a', 'b'])
      for (const what of [{ reach: inches(2.25) }, { depth: inches(1) }])
        now = applyPlan(
          now,
          mustBe(
            planMeasurePart(
              now,
              of,
              { port, ...what },
              { typed: '', by: 'Bo' },
              () => `own${String(++n).padStart(7, '0')}`,
            ),
          ),
        );
    return now;
  })();

  it('must be as long as the house says: two inches, or as the maker’s sheet has it', () => {
    // 6-1/2 in less twice 1-1/4 leaves 4: two go in, two stand between the fittings.
    expect(getPiece(layOut(measured), 2).cut!.exact).to.equal(inches(4));
    expect(codes(layOut(measured))).not.to.include('tube-too-short');
    const strict = layOut({
      ...measured,
      ruleChoices: { 'press-spacing': { option: 'own', length: inches(2.0625) } },
    });
    expect(codes(strict)).to.include('tube-too-short');
  });
});
