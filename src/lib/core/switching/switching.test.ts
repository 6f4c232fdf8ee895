import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeIds, makeRun, type TestLeg } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { MATERIALS, standardCatalogue } from '#core/catalogue';
import { applyOps } from '#core/runs/changes';
import { planSwitchLegs } from '#core/runs/commands';
import { getLegs, newRun, type RunDoc } from '#core/runs/document';
import { tallyRun, trySwitch } from './compare-switch.ts';
import { findScope, SCOPES } from './stretch.ts';

const SEED = 20_300;
const SITE = { gas: 'natural', jurisdiction: 'us-model' } as const;

describe('switching materials', () => {
  it(`there and back is as it was, on 200 random runs (seed ${SEED})`, () => {
    let switched = 0;
    for (let i = 0; i < 200; i++) {
      const random = makeRandom(SEED + i);
      const newId = makeIds(`switch${i}x`);
      let doc: RunDoc = newRun('switchrun0', standardCatalogue.version, {});
      for (let k = 0; k < 14; k++) {
        const planned = planRandomCommand(doc, random, newId);
        const next = planned && applyOps(doc, planned.ops);
        if (next?.ok) doc = next.value;
      }
      const legs = [...getLegs(doc).values()];
      const first = legs[Math.floor(random() * legs.length)];
      if (!first) continue;
      const ids = findScope(layOut(doc), first.id, SCOPES[i % SCOPES.length]!);
      const own = new Set(ids.map((id) => getLegs(doc).get(id)!.material));
      // A scope of several materials goes back leg by leg, by undo; of one it goes back by a switch.
      if (ids.length === 0 || own.size > 1) continue;
      const material = MATERIALS[Math.floor(random() * MATERIALS.length)]!;
      const there = applyPlan(doc, planSwitchLegs(doc, ids, material));
      for (const id of ids) expect(getLegs(there).get(id)!.material).to.equal(material);
      const back = applyPlan(there, planSwitchLegs(there, ids, [...own][0]!));
      expect([...getLegs(back).values()], `run ${i}, to ${material}`).to.deep.equal(legs);
      switched++;
    }
    expect(switched).to.be.greaterThan(120);
  });

  const csst = { material: 'csst', size: '1/2' } as const;
  const iron = { material: 'black-iron', size: '1/2' } as const;
  const ROUTE: readonly TestLeg[] = [
    [0, 'right', 40, iron],
    [1, 'up', 60, iron],
    [2, 'right', 80, iron],
    [3, 'down', 30, iron],
  ];

  it('a scope is the leg, the legs in a row of one material, or all beyond', () => {
    const doc = makeRun([...ROUTE, [1, 'right', 20, iron], [5, 'up', 10, csst]], '1/2');
    const tags = (tag: number, scope: (typeof SCOPES)[number]) =>
      findScope(layOut(doc), getLeg(doc, tag).id, scope).map((id) => getLegs(doc).get(id)!.tag);
    expect(tags(3, 'leg')).to.deep.equal([3]);
    expect(tags(3, 'stretch')).to.deep.equal([2, 3, 4]);
    expect(tags(5, 'stretch')).to.deep.equal([5]);
    expect(tags(1, 'branch')).to.have.members([1, 2, 3, 4, 5, 6]);
  });

  it('iron to tubing: a piece in place of four, two joints in place of six, no elbow, more or fewer supports', () => {
    const doc = makeRun(ROUTE, '1/2');
    const before = layOut(doc);
    const was = tallyRun(before, SITE);
    const ids = findScope(before, getLeg(doc, 1).id, 'stretch');
    const { tally, change } = trySwitch(before, standardCatalogue, ids, 'csst', SITE);
    // Four pieces and three elbows, two joints each; nothing stands at the two open ends.
    expect([was.pieces, was.fittings, was.joints, was.leakPoints]).to.deep.equal([4, 3, 6, 6]);
    expect([tally.pieces, tally.fittings, tally.joints]).to.deep.equal([1, 0, 0]);
    // 40, 60, 80 and 30 in of 1/2 pipe, every 6 ft: two, two, two and two.
    expect(was.supports).to.equal(8);
    // Upright tubing every 10 ft, level every 6: as many here.
    expect(tally.supports).to.equal(8);
    expect(tally.unmeasured).to.equal(0);
    expect(change.label.command).to.equal('switch-legs');
    expect(getLegs(layOut(doc).doc).get(ids[0]!)!.material).to.equal('black-iron');
  });

  it('says what is gained: tubing between pipe wants two adapters that have to be measured, a bond and plates', () => {
    const doc = makeRun([...ROUTE, [4, 'right', 20, iron]], '1/2');
    const before = layOut(doc);
    const ids = [2, 3, 4].map((tag) => getLeg(doc, tag).id);
    const switched = trySwitch(before, standardCatalogue, ids, 'csst', SITE);
    const was = tallyRun(before, SITE);
    expect([was.fittings, switched.tally.fittings]).to.deep.equal([4, 4]);
    expect(switched.tally.unmeasured).to.equal(1);
    expect(switched.findings.map(({ code }) => code)).to.include.members([
      'bond',
      'strike-plates',
      'part-length-unknown',
    ]);
  });

  it('copper, pressed steel and R tube of the same way', () => {
    const doc = makeRun(ROUTE, '1/2');
    const before = layOut(doc);
    const ids = findScope(before, getLeg(doc, 1).id, 'stretch');
    const rows = (['copper-flared', 'steel-pressed', 'steel-r'] as const).map((material) => {
      const { pieces, fittings, joints } = trySwitch(before, standardCatalogue, ids, material, SITE).tally;
      return [material, pieces, fittings, joints];
    });
    expect(rows).to.deep.equal([
      ['copper-flared', 1, 0, 0],
      ['steel-pressed', 4, 3, 6],
      ['steel-r', 4, 3, 6],
    ]);
  });
});
