import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { withParts } from '#support/make-trap.ts';
import type { RuleChoices, Jurisdiction } from '#core/house-rules';
import type { ZoneId } from '#core/permissions';
import { invertOps, applyOps } from '#core/runs/changes';
import { planBranchHere, planRemoveLegs, planSayZone } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { inches } from '#core/units';
import { getPlacedId } from './legs-may-run.ts';
import { checkRun } from './checks.ts';

const csst = { material: 'csst', size: '1/2' } as const;
const RUN: readonly TestLeg[] = [
  [0, 'right', 40],
  [1, 'right', 60, csst],
  [2, 'up', 30, csst],
];
const say = (doc: RunDoc, tags: readonly number[], zone: ZoneId | null): RunDoc =>
  applyPlan(
    doc,
    mustBe(
      planSayZone(
        doc,
        tags.map((tag) => getLeg(doc, tag).id),
        zone,
      ),
    ),
  );
const places = (doc: RunDoc, jurisdiction: Jurisdiction = 'us-model') =>
  checkRun(layOut(doc), { gas: 'natural', jurisdiction }).flatMap((finding) =>
    finding.code === 'place'
      ? [`${finding.severity} ${getPlacedId(finding.what)} ${finding.zone} ${finding.marks.join()}`]
      : [],
  );

describe('where legs run', () => {
  it('is said of one leg or of many, and is nothing to say where nobody said it', () => {
    const doc = makeRun(RUN);
    expect(places(doc)).to.deep.equal([]);
    const said = say(doc, [2, 3], 'concealed');
    expect(places(said)).to.deep.equal([
      'note csst concealed 2,3',
      // The end fitting of the tubing; what it is screwed into belongs to the pipe before it.
      'note csst concealed 2',
    ]);
    expect(Object.keys(say(said, [2, 3], null).zones)).to.deep.equal([]);
    // Said twice alike changes nothing.
    expect(mustBe(planSayZone(said, [getLeg(said, 2).id], 'concealed')).ops).to.deep.equal([]);
    expect(planSayZone(said, ['nosuchleg0'], 'wet').ok).to.equal(false);
  });

  it('stops what may not be there, asks what nobody here can say, by the rules of the job', () => {
    const doc = makeRun(RUN);
    expect(places(say(doc, [2], 'vehicle'))[0]).to.equal('ask csst vehicle 2');
    expect(places(say(doc, [1], 'duct'))[0]).to.match(/^stop black-iron duct 1$/);
    const good = { 'corrosive-gas': { option: 'under-limit' } } as const;
    const olives = makeRun([[0, 'right', 40, { material: 'copper-compression', size: '8 mm' }]], '3/4', good);
    expect(places(say(olives, [1], 'vehicle'), 'uk-vehicle')).to.deep.equal([
      'note copper-compression vehicle 1',
    ]);
    expect(places(say(olives, [1], 'vehicle'), 'us-model')).to.deep.equal([
      'ask copper-compression vehicle 1',
    ]);
  });

  it('what comes apart in a concealed leg stops, unless the house allows it', () => {
    const withUnion = (choices: RuleChoices) =>
      say(withParts(makeRun([[0, 'right', 60]], '3/4', choices), [[1, 'union', 0.5]]), [1], 'concealed');
    expect(places(withUnion({}))).to.deep.equal(['stop union concealed 1']);
    expect(places(withUnion({ concealed: { option: 'allowed' } }))).to.deep.equal(['note union concealed 1']);
  });

  it('goes with its leg: taken out, parted, and back', () => {
    const doc = say(makeRun(RUN), [1, 2], 'indoors');
    const removed = mustBe(planRemoveLegs(layOut(doc), getLeg(doc, 2).id));
    const without = applyPlan(doc, removed);
    expect(Object.keys(without.zones)).to.deep.equal([getLeg(doc, 1).id]);
    expect(mustBe(applyOps(without, invertOps(removed.ops)))).to.deep.equal(doc);
    const first = getLeg(doc, 1);
    let n = 0;
    const parted = applyPlan(
      doc,
      mustBe(
        planBranchHere(
          layOut(doc),
          first.id,
          { from: first.from, value: inches(10), typed: '10' },
          null,
          () => `parted${String(++n).padStart(4, '0')}`,
        ),
      ),
    );
    expect(Object.values(parted.zones).filter(({ zone }) => zone === 'indoors')).to.have.length(3);
  });
});
