import { expect } from 'chai';
import { layOut, makeRun } from '#support/make-run.ts';
import { FOOT } from '../units/length.ts';
import { findBonding } from './bonding.ts';

const csst = { material: 'csst', size: '1/2' } as const;
const tagsOf = (laid: readonly { readonly leg: { readonly tag: number } }[]) =>
  laid.map(({ leg }) => leg.tag);

describe('the direct bond of corrugated tubing', () => {
  it('is of 6 AWG copper, at most 75 ft, clamped on rigid pipe that the tubing is made up to, never on tubing', () => {
    const doc = makeRun([[0, 'right', 40], [1, 'right', 30], [2, 'up', 60, csst], [3, 'right', 80, csst], [4, 'down', 30]], '1/2'); // prettier-ignore
    const bonding = findBonding(layOut(doc))!;
    expect(tagsOf(bonding.tubing)).to.deep.equal([3, 4]);
    // Leg 1 is pipe too, but nothing of the tubing is made up to it.
    expect(tagsOf(bonding.clampOn)).to.deep.equal([2, 5]);
    expect([bonding.conductor, bonding.longest]).to.deep.equal(['6 AWG copper', 75 * FOOT]);
  });

  it('is asked for where no rigid pipe meets it, and is no matter where there is no tubing', () => {
    expect(findBonding(layOut(makeRun([[0, 'up', 60, csst]], '1/2')))!.clampOn).to.deep.equal([]);
    expect(findBonding(layOut(makeRun([[0, 'up', 60]])))).to.equal(null);
  });
});
