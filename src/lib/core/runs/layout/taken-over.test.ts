import { shareOf } from '#support/share.ts';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { resolveRules, type HouseRules } from '#core/house-rules';
import { applyPlan, getLeg, makeIds, makeRun, mustBe } from '#support/make-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { makeRandom, makeRandomRun } from '#support/random-run.ts';
import { checkRun } from '#core/checks';
import { planChangeMeasure, planAddLeg, planPutPart } from '#core/runs/commands';
import { assemble, type Body } from './bodies.ts';
import { findDisplaced } from './displaced.ts';
import { inches } from '#core/units';
import { NO_FACTS } from '#core/runs/changes';
import { countWork, getPieces, layOutRun } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';
import { isSameJson, type Json } from '#core/outcome';
import { newRun, type RunDoc } from '#core/runs/document';

/** Everything a layout says, as data. */
const describeLayout = (layout: RunLayout): Json =>
  JSON.parse(
    JSON.stringify({
      nodes: [...layout.nodes.values()],
      legs: [...layout.legs.values()],
      lengths: [...layout.solved.lengths].sort(([a], [b]) => (a < b ? -1 : 1)),
      pieces: [...getPieces(layout)].map(({ id, leg, mark, size, ends, centreToCentre, cut }) => ({
        id,
        leg,
        mark,
        size,
        centreToCentre,
        cut: cut && [cut.exact, cut.nipple, cut.onTape, cut.farEndOff],
        ends: ends.map(({ id: end, takeOff, unknown, joint }) => [end, takeOff, unknown, joint]),
      })),
      order: [...layout.pieces.keys()],
    }),
  ) as Json;

/** What a piece is is compared with the layout. */
const nameBody = (body: Body): string =>
  `${body.kind} ${body.id} ${'part' in body ? body.part.id : 'piece' in body ? body.piece.id : body.leg.id}`;
const asJson = (value: unknown): Json => JSON.parse(JSON.stringify(value)) as Json;

const SEEDS = Array.from({ length: 16 }, (_, i) => i + 1);

describe('what an edit does not touch is taken over', () => {
  /** The rules as a screen has them: one object as long as the choices are the same. */
  const getRules = ({ ruleChoices }: RunDoc): HouseRules => resolveRules(ruleChoices);
  const layOut = (doc: RunDoc, before: RunLayout | null = null): RunLayout =>
    layOutRun(doc, standardCatalogue, getRules(doc), NO_FACTS, before);

  for (const seed of shareOf(SEEDS, 2)) {
    // Some grow from nothing, others begin long enough for whole branches to move.
    const begins = seed <= 12 ? 0 : 250;
    const name = `after every command layout and findings are those made from nothing (seed ${seed}, ${begins} legs at first)`;
    it(name, () => {
      const random = makeRandom(seed);
      const newId = makeIds(`over${seed}x`);
      let doc =
        begins > 0 ? makeRandomRun(begins, seed) : newRun('takenover0', standardCatalogue.version, {});
      let layout = layOut(doc);
      checkRun(layout);
      for (let step = 0; step < (begins > 0 ? 30 : 70); step++) {
        const plan = planRandomCommand(doc, random, newId);
        if (!plan || plan.ops.length === 0) continue;
        doc = applyPlan(doc, plan);
        layout = layOut(doc, layout);
        const anew = layOut(doc);
        const name = `${plan.label.command}, step ${step}`;
        expect(isSameJson(describeLayout(layout), describeLayout(anew)), name).to.equal(true);
        expect(checkRun(layout), name).to.deep.equal(checkRun(anew));
        const [made, madeAnew] = [assemble(layout), assemble(anew)];
        expect(made.bodies.map(nameBody), name).to.deep.equal(madeAnew.bodies.map(nameBody));
        expect(isSameJson(asJson(made.joints), asJson(madeAnew.joints)), name).to.equal(true);
      }
    });
  }

  it('parts of a leg that were measured past each other are other bodies; parts that only moved are the same', () => {
    const newId = makeIds('passedby');
    const bare = makeRun([
      [0, 'right', 60],
      [1, 'down', 20],
    ]);
    const leg = getLeg(bare, 1);
    const put = (doc: RunDoc, kind: 'valve' | 'union', at: number) =>
      applyPlan(
        doc,
        mustBe(
          planPutPart(doc, leg.id, kind, { from: leg.from, value: inches(at), typed: String(at) }, newId),
        ),
      );
    const doc = put(put(bare, 'valve', 20), 'union', 30);
    const union = Object.values(doc.parts).find(({ part }) => part === 'union')!;
    const own = Object.values(doc.measures).find(({ to }) => to.id === union.id)!;
    const before = layOut(doc);
    const orderOf = (layout: RunLayout) => layout.legs.get(leg.id)!.inline.map(({ part }) => part?.kind);
    expect(orderOf(before)).to.deep.equal(['valve', 'union']);
    for (const [at, isSame] of [
      [33, true],
      [10, false],
    ] as const) {
      const moved = {
        ...doc,
        measures: { ...doc.measures, [own.id]: { ...own, value: inches(at), typed: String(at) } },
      };
      const after = layOut(moved, before);
      expect(orderOf(after)).to.deep.equal(isSame ? ['valve', 'union'] : ['union', 'valve']);
      expect(findDisplaced(after)?.isSameBodies, String(at)).to.equal(isSame);
      const bodies = (layout: RunLayout) =>
        assemble(layout)
          .joints.map(({ id }) => id)
          .sort();
      expect(bodies(after)).to.deep.equal(bodies(layOut(moved)));
    }
  });

  it('a measure of the first leg makes its own pieces anew and those in its line, whatever the run holds', () => {
    const made = [100, 1000, 4000].map((legs) => {
      const doc = makeRandomRun(legs, 7);
      const before = layOut(doc);
      expect(countWork(before).fittings).to.equal(Object.keys(doc.nodes).length);
      const next = applyPlan(
        doc,
        mustBe(planChangeMeasure(doc, getLeg(doc, 1).id, 2_540_000_000, '100', () => 'unused0000')),
      );
      return countWork(layOut(next, before));
    });
    for (const { fittings, pieces } of made) {
      expect(fittings).to.equal(0);
      expect(pieces).to.be.within(1, 12);
    }
  });

  it('a leg more makes the fittings at its two ends, and the pieces that meet them', () => {
    const doc = makeRandomRun(2000, 9);
    const before = layOut(doc);
    const tip = [...before.nodes.values()].find(
      ({ legs, node }) => legs.length === 1 && node.terminal === null,
    )!;
    const leg = {
      from: tip.id,
      geometry: tip.legs[0]!.geometry,
      size: tip.legs[0]!.size,
      material: 'black-iron',
      measure: null,
      terminal: null,
    } as const;
    const plan = planAddLeg(doc, leg, makeIds('grown'));
    const other = plan.ok
      ? plan
      : planAddLeg(doc, { ...leg, geometry: { kind: 'axis', axis: 'up' } }, makeIds('grown'));
    const after = layOut(applyPlan(doc, mustBe(other)), before);
    expect(countWork(after).fittings).to.equal(2);
    expect(countWork(after).pieces).to.be.within(2, 14);
  });
});
