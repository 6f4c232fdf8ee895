import { expect } from 'chai';
import { inches, type Length } from '#core/units';
import type { RunLayout } from '#core/runs/layout';
import type { RunDoc } from '#core/runs/document';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, newLeg, offset } from '#support/make-run.ts';
import { planBranchHere } from './branch-here.ts';
import { planPutPart } from './put-part.ts';
import { planPutPassage } from './put-passage.ts';

const LONG = 40;

/** Where everything stands along the leg before it is parted, from its beginning as drawn, nm. */
function readStations(layout: RunLayout, start: string): Length[] {
  const found: Length[] = [];
  let [at, node]: [Length, string] = [0, start];
  for (const tag of [1, 2]) {
    const laid = [...layout.legs.values()].find(({ leg }) => leg.tag === tag);
    if (!laid) break;
    const length = laid.centreToCentre!;
    const isOnward = laid.near === node;
    found.push(...laid.inline.map((part) => at + (isOnward ? part.at! : length - part.at!)));
    at += length;
    node = isOnward ? laid.far : laid.near;
    found.push(at);
  }
  return found.sort((a, b) => a - b);
}

/** The same run seen from its other end: its legs are drawn against the flow. */
const turnRound = (doc: RunDoc): RunDoc => ({
  ...doc,
  anchors: { a1234567: { id: 'a1234567', node: getLeg(doc, 1).to, role: 'source' } },
});

describe('a fitting put into a leg', () => {
  for (const isAgainstFlow of [false, true])
    for (const [share, from, value] of [
      [0.25, 'from', 30],
      [0.25, 'to', 10],
      [0.25, 'from', 4],
      [0.75, 'to', 36],
      [0.5, 'from', 39],
    ] as const) {
      const how = `${value} in from its ${from === 'from' ? 'beginning' : 'end'}${isAgainstFlow ? ', drawn against the flow' : ''}`;
      it(`leaves a part at ${share} of it where it stands: ${how}`, () => {
        const plain = makeRun([[0, 'right', LONG]]);
        const doc = isAgainstFlow ? turnRound(plain) : plain;
        const leg = getLeg(doc, 1);
        const put = applyPlan(doc, mustBe(planPutPart(doc, leg.id, 'union', { share }, makeIds('inpipe'))));
        const place = { from: leg[from], value: inches(value), typed: String(value) };
        const plan = planBranchHere(layOut(put), leg.id, place, null, makeIds('parted'));
        const after = layOut(applyPlan(put, mustBe(plan)));
        const fitting = inches(from === 'from' ? value : LONG - value);
        const stations = [inches(LONG * share), fitting, inches(LONG)].sort((a, b) => a - b);
        expect(readStations(after, leg.from)).to.deep.equal(stations);
      });
    }

  it('parts of a leg that was not measured keep their share of it, each of the half it is in', () => {
    const bare = makeRun([[0, 'right', null]]);
    const leg = getLeg(bare, 1);
    const newId = makeIds('inpipe');
    const put = [0.3, 0.7].reduce(
      (doc, share, i) =>
        applyPlan(doc, mustBe(planPutPart(doc, leg.id, i ? 'union' : 'valve', { share }, newId))),
      bare,
    );
    for (const from of [leg.from, leg.to]) {
      const place = { from, value: inches(10), typed: '10' };
      const after = applyPlan(
        put,
        mustBe(planBranchHere(layOut(put), leg.id, place, null, makeIds('parted'))),
      );
      const parts = Object.values(after.parts).map((part) => [
        part.part,
        after.legs[part.leg]!.tag,
        Number(part.share.toFixed(9)),
      ]);
      // Where nothing was measured it is parted in its middle.
      expect(parts).to.have.deep.members([
        ['valve', 1, 0.6],
        ['union', 2, 0.4],
      ]);
    }
  });

  it('a part goes by where it was measured to stand, and by its share in a leg of which nobody knows how long it is', () => {
    for (const [length, tag, share] of [
      [LONG, 1, 0.5],
      [null, 2, 0],
    ] as const) {
      const bare = makeRun([[0, 'right', length]]);
      const leg = getLeg(bare, 1);
      const at = { from: leg.from, value: inches(10), typed: '10' };
      const put = applyPlan(bare, mustBe(planPutPart(bare, leg.id, 'valve', at, makeIds('inpipe'))));
      const halved = Object.fromEntries(
        Object.entries(put.parts).map(([id, part]) => [id, { ...part, share: 0.5 }]),
      );
      const doc = { ...put, parts: halved };
      const place = { from: leg.from, value: inches(20), typed: '20' };
      const plan = mustBe(planBranchHere(layOut(doc), leg.id, place, null, makeIds('parted')));
      const [part] = Object.values(applyPlan(doc, plan).parts);
      expect([applyPlan(doc, plan).legs[part!.leg]!.tag, part!.share]).to.deep.equal([tag, share]);
      for (const op of plan.ops)
        if (op.op === 'set' && op.field === 'leg') expect(op.value).to.not.equal(op.old);
    }
  });

  it('floors and walls stay where they are; nothing is set to what it is', () => {
    const doc = makeRun([
      [0, 'right', LONG],
      [1, 'right', LONG],
    ]);
    const leg = getLeg(doc, 1);
    const newId = makeIds('passing');
    // One in another leg stays as it is.
    const other = mustBe(
      planPutPassage(doc, getLeg(doc, 2).id, { kind: 'wall', share: 0.1, guard: 'sleeve' }, newId),
    );
    const put = [0.2, 0.8].reduce(
      (now, share) =>
        applyPlan(now, mustBe(planPutPassage(now, leg.id, { kind: 'wall', share, guard: 'sleeve' }, newId))),
      applyPlan(doc, other),
    );
    const place = { from: leg.from, value: inches(20), typed: '20' };
    const plan = mustBe(planBranchHere(layOut(put), leg.id, place, null, makeIds('parted')));
    const after = applyPlan(put, plan);
    const passages = Object.values(after.passages).map(({ leg: on, share }) => [
      after.legs[on]!.tag,
      Number(share.toFixed(9)),
    ]);
    expect(passages).to.have.deep.members([
      [1, 0.4],
      [3, 0.6],
      [2, 0.1],
    ]);
    for (const op of plan.ops) if (op.op === 'set') expect(op.value).to.not.deep.equal(op.old);
  });

  it('is measured from the end it was measured from, and the whole keeps its measure', () => {
    const doc = makeRun([[0, 'right', LONG]]);
    const leg = getLeg(doc, 1);
    const place = { from: leg.to, value: inches(12), typed: '12' };
    const branch = newLeg(null, 'up', 20);
    const layout = layOut(
      applyPlan(doc, mustBe(planBranchHere(layOut(doc), leg.id, place, branch, makeIds('parted')))),
    );
    const lengths = [...layout.legs.values()].map(({ leg: { tag }, centreToCentre }) => [
      tag,
      centreToCentre,
    ]);
    expect(lengths).to.have.deep.members([
      [1, inches(28)],
      [2, inches(12)],
      [3, inches(20)],
    ]);
  });

  for (const value of [LONG, LONG + 1])
    it(`is refused ${value} in along a leg of ${LONG} in`, () => {
      const doc = makeRun([[0, 'right', LONG]]);
      const leg = getLeg(doc, 1);
      const place = { from: leg.from, value: inches(value), typed: String(value) };
      expect(planBranchHere(layOut(doc), leg.id, place, null, makeIds())).to.deep.equal({
        ok: false,
        refusal: { code: 'place-beyond-leg', mark: '1', length: inches(LONG) },
      });
    });

  it('is refused in an offset, in a leg that is not there, and from a point the leg does not have', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 8]) }],
    ]);
    const layout = layOut(doc);
    const [first, second] = [getLeg(doc, 1), getLeg(doc, 2)];
    const at = (leg: string, from: string) =>
      planBranchHere(layout, leg, { from, value: inches(2), typed: '2' }, null, makeIds());
    const code = (plan: ReturnType<typeof at>) => (plan.ok ? 'done' : plan.refusal);
    expect(code(at(second.id, second.from))).to.deep.equal({ code: 'leg-not-parted', mark: '2' });
    expect(code(at('nosuchleg', first.from))).to.deep.equal({ code: 'leg-unknown', leg: 'nosuchleg' });
    expect(code(at(first.id, second.to))).to.deep.equal({ code: 'leg-unknown', leg: first.id });
    expect(code(at(first.id, first.to))).to.equal('done');
  });

  it('says what it did, and refuses a branch that goes back along the pipe', () => {
    const doc = makeRun([[0, 'right', LONG]]);
    const leg = getLeg(doc, 1);
    const place = { from: leg.from, value: inches(12), typed: '12' };
    const plan = mustBe(planBranchHere(layOut(doc), leg.id, place, null, makeIds('parted')));
    expect(plan.label).to.deep.equal({ command: 'branch-here', leg: 1, turn: null });
    const back = planBranchHere(layOut(doc), leg.id, place, newLeg(null, 'left', 20), makeIds('parted'));
    expect(back.ok).to.equal(false);
  });
});
