import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { planPickTransition } from '#core/runs/commands';
import { standardCatalogue } from '#core/catalogue';
import { JURISDICTIONS } from '#core/house-rules';
import { getCraft } from '#core/materials';
import { findOpening } from '#core/runs/reading';
import { FOOT } from '#core/units';
import { listBondings } from './bonding.ts';

const csst = { material: 'csst', size: '1/2' } as const;
const pe = { material: 'pe-stabbed', size: '1 IPS SDR 11' } as const;
const tagsOf = (laid: readonly { readonly leg: { readonly tag: number } }[]) =>
  laid.map(({ leg }) => leg.tag);
const bonds = (legs: readonly TestLeg[]) =>
  listBondings(layOut(makeRun(legs, '1/2')), 'us-model').map(
    ({ side, tubing, metal, clampOn }) =>
      `${side}: ${tagsOf(metal).join(' ')}; tubing ${tagsOf(tubing).join(' ')}; clamp ${tagsOf(clampOn).join(' ')}`,
  );

describe('the bond of metal', () => {
  it('of tubing is of 6 AWG copper, at most 75 ft, clamped on rigid pipe that the tubing is made up to, never on tubing', () => {
    const doc = makeRun(
      [
        [0, 'right', 40],
        [1, 'right', 30],
        [2, 'up', 60, csst],
        [3, 'right', 80, csst],
        [4, 'down', 30],
      ],
      '1/2',
    );
    const [bonding] = listBondings(layOut(doc), 'us-model');
    expect(tagsOf(bonding!.tubing)).to.deep.equal([3, 4]);
    // Leg 1 is pipe too, but nothing of the tubing is made up to it.
    expect(tagsOf(bonding!.clampOn)).to.deep.equal([2, 5]);
    expect([bonding!.conductor, bonding!.longest]).to.deep.equal(['6 AWG copper', 75 * FOOT]);
    // Conductors of North America are said under no other rules.
    for (const jurisdiction of JURISDICTIONS)
      expect(listBondings(layOut(doc), jurisdiction)[0]!.conductor !== null, jurisdiction).to.equal(
        jurisdiction === 'us-model' || jurisdiction === 'canada',
      );
  });

  it('is asked for where no rigid pipe meets it, and is no matter where there is no tubing and nothing insulates', () => {
    expect(bonds([[0, 'up', 60, csst]])).to.deep.equal(['building: 1; tubing 1; clamp ']);
    expect(bonds([[0, 'up', 60]])).to.deep.equal([]);
  });

  it('plastic insulates: each side is its own, the supplier’s gets no clamp', () => {
    // Meter, riser, trench, riser, pipe, tubing, and a second trench to an outbuilding.
    const legs: readonly TestLeg[] = [
      [0, 'down', 30], [1, 'right', 744, pe], [2, 'up', 40], [3, 'right', 60], [4, 'right', 60, csst],
      [4, 'down', 40], [6, 'right', 400, pe], [7, 'up', 40], [8, 'right', 40],
    ]; // prettier-ignore
    expect(bonds(legs)).to.deep.equal([
      'supplier: 1; tubing ; clamp ',
      'building: 3 4 5 6; tubing 5; clamp 4 6',
      'building: 8 9; tubing ; clamp 8 9',
    ]);
  });

  it('the supplier’s side is the stretch that the gas comes in by, whichever way its legs were drawn', () => {
    // One stretch of metal and plastic on beyond it: metal alone is cut off from nothing but the ground pipe.
    expect(
      bonds([
        [0, 'right', 40],
        [1, 'down', 20],
        [2, 'right', 200, pe],
      ])[0],
    ).to.match(/^supplier: 1 2;/);
    // Two legs that meet come to hang together with a third only by the last: it is one stretch.
    expect(
      bonds([
        [0, 'right', 40],
        [1, 'right', 30, csst],
        [1, 'down', 20],
        [2, 'right', 20],
      ]),
    ).to.have.length(1);
  });

  it('a union that insulates parts it as plastic does', () => {
    const doc = makeRun(
      [
        [0, 'right', 40],
        [1, 'up', 60],
        [2, 'right', 60],
      ],
      '1/2',
    );
    const layout = layOut(doc);
    const { id, from } = getLeg(doc, 2);
    const opening = findOpening(layout, from, id)!;
    const union = standardCatalogue.counter.find(
      ({ kind, size }) => kind === 'dielectric-union' && size === '1/2',
    )!;
    const put = mustBe(
      planPickTransition(
        doc,
        { ...opening, forEnds: opening.ends, parts: ['counter/nipple/1-2', union.id], agreed: [] },
        [],
        standardCatalogue,
        makeIds(),
      ),
    );
    const stretches = listBondings(layOut(applyPlan(doc, put)), 'us-model');
    expect(stretches.map(({ metal, side }) => [side, ...tagsOf(metal)])).to.deep.equal([
      ['supplier', 1],
      ['building', 2, 3],
    ]);
    for (const { clampOn } of stretches)
      for (const { leg } of clampOn) expect(getCraft(leg).screws).to.equal(true);
  });
});
