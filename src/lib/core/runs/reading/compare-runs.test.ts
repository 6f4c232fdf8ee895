import { expect } from 'chai';
import { inches } from '#core/units';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, newLeg } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom } from '#support/random-run.ts';
import { applyOps, invertOps } from '#core/runs/changes';
import { compareRuns } from './compare-runs.ts';
import { planAddLeg, planChangeMeasure, planChooseRule } from '#core/runs/commands';

const doc = () =>
  makeRun([
    [0, 'up', 20],
    [1, 'right', 43.25],
    [2, 'down', 12],
  ]);

describe('two states of a run held against each other', () => {
  it('the same state differs in nothing', () => {
    expect(compareRuns(layOut(doc()), layOut(doc()))).to.deep.equal({
      legs: [],
      rules: [],
      joints: 0,
      cuts: 0,
    });
  });

  it('another measure is one leg, its centres and its cut', () => {
    const before = doc();
    const after = applyPlan(
      before,
      mustBe(planChangeMeasure(before, getLeg(before, 2).id, inches(44), '44', makeIds())),
    );
    const found = compareRuns(layOut(before), layOut(after));
    expect(found.legs.map(({ mark, fields }) => [mark, fields])).to.deep.equal([
      ['2', ['centreToCentre', 'cuts']],
    ]);
    expect([found.legs[0]!.before!.centreToCentre, found.legs[0]!.after!.centreToCentre]).to.deep.equal([
      inches(43.25),
      inches(44),
    ]);
    expect([found.joints, found.cuts]).to.deep.equal([0, 1]);
  });

  it('a leg one side has not; the fitting it turns another one into', () => {
    const before = doc();
    const ids = makeIds('fresh');
    const after = applyPlan(before, mustBe(planAddLeg(before, newLeg(getLeg(before, 1).to, 'up', 30), ids)));
    const { legs } = compareRuns(layOut(before), layOut(after));
    expect(
      legs.map(({ mark, before: was, fields }) => [mark, was === null, fields.includes('far')]),
    ).to.deep.equal([
      ['1', false, true],
      ['4', true, true],
    ]);
  });

  it('a house rule counts the joints and cuts it decides anew', () => {
    const before = doc();
    const choice = { option: 'hand-tight-plus-turns', upTo2in: 2, above2in: 2 } as const;
    const after = applyPlan(before, planChooseRule(before, 'engagement-figure', choice));
    const { rules, joints, cuts } = compareRuns(layOut(before), layOut(after));
    expect({ rules, joints, cuts }).to.deep.equal({ rules: ['engagement-figure'], joints: 4, cuts: 3 });
  });

  const SEED = 20_272;
  it(`what a random change makes differ, its inverse makes alike, seed ${SEED}`, () => {
    const random = makeRandom(SEED);
    const ids = makeIds('random');
    let now = doc();
    let differed = 0;
    for (let i = 0; i < 150; i++) {
      const planned = planRandomCommand(now, random, ids);
      if (!planned) continue;
      const next = applyPlan(now, planned);
      const there = compareRuns(layOut(now), layOut(next));
      const back = compareRuns(layOut(next), layOut(now));
      expect(back.legs.map(({ leg, fields }) => [leg, fields])).to.deep.equal(
        there.legs.map(({ leg, fields }) => [leg, fields]),
      );
      expect([back.joints, back.cuts]).to.deep.equal([there.joints, there.cuts]);
      const undone = mustBe(applyOps(next, invertOps(planned.ops)));
      expect(compareRuns(layOut(now), layOut(undone)).legs).to.deep.equal([]);
      if (there.legs.length > 0) differed++;
      now = next;
    }
    expect(differed).to.be.above(30);
  });
});
