import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { NO_FACTS } from '#core/runs/changes';
import { planAddLeg, planChangeMeasure, planPutPart } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { INCH } from '#core/units';
import { applyPlan, makeIds, mustBe, newLeg } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeMixedRun, makeRandom, makeRandomRun } from '#support/random-run.ts';
import { layOutRun } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';
import { getStretches, perStretch, type LegStretch } from './stretches.ts';

const RULES = resolveRules({});
const layOut = (doc: RunDoc, before: RunLayout | null = null): RunLayout =>
  layOutRun(doc, standardCatalogue, RULES, NO_FACTS, before);

/** How many stretches of a layout are not those of the one before. */
function countNew(layout: RunLayout, before: RunLayout): { legs: number; nodes: number } {
  // The one before was looked at first, as on every screen.
  const [was, is] = [getStretches(before), getStretches(layout)];
  return {
    legs: is.legs.filter((stretch) => !was.legs.includes(stretch)).length,
    nodes: is.nodes.filter((stretch) => !was.nodes.includes(stretch)).length,
  };
}

describe('a layout in stretches', () => {
  it('has every leg and node once, in walking order, none in a stretch that is too long, after any command', () => {
    const random = makeRandom(20_271);
    const newId = makeIds('stretched');
    let doc = makeMixedRun(220, 20_271);
    let layout = layOut(doc);
    for (let step = 0; step < 60; step++) {
      const plan = planRandomCommand(doc, random, newId);
      if (!plan) continue;
      doc = applyPlan(doc, plan);
      layout = layOut(doc, layout);
      const { legs, nodes } = getStretches(layout);
      expect(legs.flatMap((stretch) => stretch.legs)).to.deep.equal([...layout.legs.values()]);
      expect(legs.flatMap((stretch) => stretch.pieces)).to.deep.equal([...layout.pieces.values()]);
      expect(nodes.flatMap((stretch) => stretch.nodes.map(({ id }) => id))).to.deep.equal([
        ...layout.nodes.keys(),
      ]);
      for (const { id, node, fitting } of nodes.flatMap((stretch) => stretch.nodes)) {
        expect(node, id).to.equal(layout.nodes.get(id)!.node);
        expect(fitting, id).to.deep.equal(layout.nodes.get(id)!.fitting);
      }
      for (const stretch of legs) expect(stretch.legs.length).to.be.within(1, 64);
      for (const stretch of nodes) expect(stretch.nodes.length).to.be.within(1, 64);
    }
  });

  for (const legs of [1_000, 4_000])
    it(`an edit of one leg in ${legs} touches as many stretches as in any other run: one or two`, () => {
      const doc = makeRandomRun(legs, 77);
      const before = layOut(doc);
      const leg = `leg${String(Math.floor(legs / 2)).padStart(6, '0')}`;
      const end = [...before.nodes.values()].filter(({ legs: met }) => met.length === 1).at(-2)!;
      const [{ geometry }] = end.legs as unknown as [{ geometry: ReturnType<typeof newLeg>['geometry'] }];
      const newId = makeIds('one');
      for (const [what, plan, most] of [
        ['measured', planChangeMeasure(doc, leg, 500 * INCH, 't', newId), { legs: 3, nodes: 0 }],
        [
          'the first measured',
          planChangeMeasure(doc, 'leg000001', 500 * INCH, 't', newId),
          { legs: 3, nodes: 0 },
        ],
        ['parted by a union', planPutPart(doc, leg, 'union', { share: 0.5 }, newId), { legs: 3, nodes: 2 }],
        [
          'gone on from',
          planAddLeg(doc, { ...newLeg(end.id, 'up', 12), geometry }, newId),
          { legs: 3, nodes: 4 },
        ],
      ] as const) {
        const count = countNew(layOut(applyPlan(doc, mustBe(plan)), before), before);
        expect(count.legs, what).to.be.at.most(most.legs);
        expect(count.nodes, what).to.be.at.most(most.nodes);
      }
    });

  it('what follows from a stretch is worked out once for it', () => {
    let made = 0;
    const count = perStretch(({ legs }: LegStretch) => {
      made++;
      return legs.length;
    });
    const sum = (layout: RunLayout): number =>
      getStretches(layout).legs.reduce((all, stretch) => all + count(stretch, layout), 0);
    const doc = makeRandomRun(500, 78);
    const before = layOut(doc);
    expect(sum(before)).to.equal(500);
    const all = made;
    const plan = mustBe(planChangeMeasure(doc, 'leg000250', 500 * INCH, 't', makeIds('two')));
    expect(sum(layOut(applyPlan(doc, plan), before))).to.equal(500);
    expect(made - all).to.be.within(1, 3);
    expect(all).to.be.greaterThan(8);
  });

  it('is parted anew under other house rules: what was worked out under the ones before is not taken', () => {
    const doc = makeRandomRun(100, 79);
    const before = layOut(doc);
    getStretches(before);
    const other = layOutRun(doc, standardCatalogue, resolveRules({}), NO_FACTS, before);
    expect(countNew(other, before).legs).to.equal(getStretches(other).legs.length);
  });
});
