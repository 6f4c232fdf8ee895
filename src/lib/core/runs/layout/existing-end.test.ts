import { makeFoundEnd } from '#core/joints';
import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { makeCutSheet } from '#core/cutting';
import { readRunDoc } from '#core/formats';
import type { SpecimenEnd } from '#core/identify';
import { inches } from '#core/units';
import { layOut, mustBe, newLeg } from '#support/make-run.ts';
import { applyOps } from '#core/runs/changes';
import { planAddLeg, planRemoveLegs } from '#core/runs/commands';
import { findSource, newRun, newRunFromSpecimen, RUN_SCHEMA } from '#core/runs/document';

describe('an end found in place', () => {
  const end = (more: Partial<SpecimenEnd>): SpecimenEnd => ({
    thread: 'npt-3/4-female',
    family: 'npt',
    size: '3/4',
    gender: 'female',
    certainty: 'certain',
    orElse: [],
    ...more,
  });
  const begin = (more: Partial<SpecimenEnd>) => {
    const empty = newRun('existingrun', standardCatalogue.version, {});
    const doc = newRunFromSpecimen(empty, 'specimen0001', makeFoundEnd(end(more), 'unknown'), {
      node: 'foundnode',
      anchor: 'foundanchor',
    });
    const ids = ['farnode00', 'firstleg0', 'measure00'];
    const planned = mustBe(planAddLeg(doc, newLeg('foundnode', 'right', 20), () => ids.shift()!));
    return mustBe(applyOps(doc, planned.ops));
  };

  it('takes the pipe to its mouth: the cut is the measure and what goes in', () => {
    const layout = layOut(begin({}));
    const piece = layout.pieces.get('firstleg0')![0]!;
    const engagement = piece.ends[0].joint!.engagement!;
    expect(piece.ends[0].joint!.part.kind).to.equal('existing');
    expect(piece.cut!.exact).to.equal(inches(20) + engagement);
    expect(makeCutSheet(layout).fittings).to.deep.equal([]);
  });

  for (const [name, more, refusal] of [
    ['another family', { family: 'g' }, 'existing-end-takes-no-pipe'],
    ['a male', { gender: 'male' }, 'existing-end-takes-no-pipe'],
    ['another size', { size: '1' }, 'existing-end-takes-no-pipe'],
    ['what is not told apart', { certainty: 'tie' }, 'existing-end-not-told-apart'],
  ] as const) {
    it(`gives no cut for ${name}, and says why`, () => {
      const layout = layOut(begin(more));
      expect(layout.pieces.get('firstleg0')![0]!.cut).to.equal(null);
      const { fitting } = layout.nodes.get('foundnode')!;
      expect(fitting.kind === 'none' && fitting.refusal.code).to.equal(refusal);
    });
  }

  it('takes one pipe, and stays when the run goes', () => {
    const doc = begin({});
    const second = planAddLeg(doc, newLeg('foundnode', 'up', 9), () => 'unusedid0');
    expect(second.ok ? '' : second.refusal.code).to.equal('leg-existing-end-taken');
    const gone = mustBe(applyOps(doc, mustBe(planRemoveLegs(layOut(doc), 'firstleg0')).ops));
    expect(Object.keys(gone.nodes)).to.deep.equal(['foundnode']);
    expect(findSource(gone)).to.equal('foundnode');
  });

  it('is kept in the document and read back; a document of the first version is carried up', () => {
    const doc = begin({});
    expect(mustBe(readRunDoc(JSON.parse(JSON.stringify(doc))))).to.deep.equal(doc);
    const first = { ...newRun('existingrun', standardCatalogue.version, {}), schema: 1 };
    expect(mustBe(readRunDoc(first)).schema).to.equal(RUN_SCHEMA);
  });
});
