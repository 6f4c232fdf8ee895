import { expect } from 'chai';
import { AXES, getOpposite } from '#core/geometry';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, newLeg } from '#support/make-run.ts';
import { makeRandomRun } from '#support/random-run.ts';
import { planAddLeg } from '#core/runs/commands';
import { findOnward, findSizeAt, findTakenWays, findTip } from './growing-point.ts';

describe('where a run grows on', () => {
  it('is the end of its newest leg, wherever that hangs', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', 20],
      [1, 'down', 10],
    ]);
    expect(findTip(layOut(doc))).to.equal(getLeg(doc, 3).to);
    const capped = makeRun([
      [0, 'right', 30],
      [1, 'down', 30],
      [1, 'right', 30, { cap: true }],
    ]);
    expect(findTip(layOut(capped))).to.equal(getLeg(capped, 2).to);
    const passed = makeRun([
      [0, 'right', 30],
      [1, 'down', 30],
      [1, 'right', 30],
      [3, 'right', 30, { cap: true }],
    ]);
    expect(findTip(layOut(passed))).to.equal(getLeg(passed, 2).to);
    const closed = makeRun([[0, 'right', 30, { cap: true }]]);
    expect(findTip(layOut(closed))).to.equal(getLeg(closed, 1).to);
    expect(findTip(layOut(makeRun([])))).to.equal(null);
  });

  it('has taken exactly the ways in which no leg can be added (seeds 1 to 12, every point)', () => {
    let points = 0;
    for (let seed = 1; seed <= 12; seed++) {
      const doc = makeRandomRun(12, seed);
      for (const node of layOut(doc).nodes.values()) {
        const refused = AXES.filter((axis) => !planAddLeg(doc, newLeg(node.id, axis, 12), makeIds('try')).ok);
        expect(findTakenWays(node), `seed ${seed}, ${node.id}`).to.have.members(refused);
        points++;
      }
    }
    expect(points).to.be.greaterThan(100);
  });

  it('goes straight on opposite to the leg by which it is reached', () => {
    for (const axis of AXES) {
      const doc = makeRun([[0, axis, 30]]);
      const { nodes } = layOut(doc);
      expect(findOnward(nodes.get(getLeg(doc, 1).to)!)).to.equal(axis);
      expect(findOnward(nodes.get(getLeg(doc, 1).from)!)).to.equal(getOpposite(axis));
    }
    const slanting = makeRun([[0, 'up-right', 30]]);
    expect(findOnward(layOut(slanting).nodes.get(getLeg(slanting, 1).to)!)).to.equal(null);
  });

  it('goes on in the size of the leg there', () => {
    let doc = makeRun([[0, 'right', 30, { size: '1' }]]);
    const end = getLeg(doc, 1).to;
    expect(findSizeAt(layOut(doc).nodes.get(end)!)).to.equal('1');
    doc = applyPlan(doc, mustBe(planAddLeg(doc, newLeg(end, 'down', 12, { size: '1/2' }), makeIds('more'))));
    expect(findSizeAt(layOut(doc).nodes.get(end)!), 'of the leg it is reached by').to.equal('1');
    expect(findSizeAt(layOut(doc).nodes.get(getLeg(doc, 2).to)!)).to.equal('1/2');
  });
});
