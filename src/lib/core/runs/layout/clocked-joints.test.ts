import { readFileSync } from 'node:fs';
import { expect } from 'chai';
import { getEngagementAt } from '#core/joints';
import { readRunDoc } from '#core/formats';
import type { Way } from '#core/geometry';
import { makeRandomRun } from '#support/random-run.ts';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, offset } from '#support/make-run.ts';
import { checkRun } from '#core/checks';
import { findClocking, planClockJoint, planRedirectLeg, planRemoveLegs } from '#core/runs/commands';
import { explain } from '#core/runs/explaining';
import { findTurned, findPointing } from '#core/runs/reading';
import type { RunLayout } from './layout.ts';
import type { RunDoc } from '#core/runs/document';

const newId = makeIds('clock');
const endOf = (layout: RunLayout, tag: number, which: 0 | 1) =>
  layout.pieces.get(getLeg(layout.doc, tag).id)![0]!.ends[which];
const run = (...ways: readonly Way[]): RunDoc => makeRun(ways.map((way, i) => [i, way, 30] as const));
const clock = (doc: RunDoc, tag: number, which: 0 | 1, handTight: number, wanted: number, whole: number) =>
  applyPlan(
    doc,
    mustBe(planClockJoint(doc, endOf(layOut(doc), tag, which), { handTight, wanted, whole }, newId)),
  );

describe('where a fitting points', () => {
  /** The leg made up, the one that goes on: degrees clockwise from up (from away where the pipe is upright), from the fitting into the pipe. */
  const POINTS: readonly (readonly [Way, Way, number])[] = [
    ['right', 'up', 0], ['right', 'down', 180], ['right', 'back', 90], ['right', 'out', 270],
    ['left', 'back', 270], ['out', 'right', 90], ['back', 'right', 270], ['back', 'left', 90],
    ['up', 'back', 0], ['up', 'right', 90], ['down', 'right', 270], ['up', 'out', 180],
  ]; // prettier-ignore
  for (const [first, second, angle] of POINTS) {
    it(`${first}, then ${second}: ${angle}°`, () => {
      const found = findPointing(layOut(run(first, second)), endOf(layOut(run(first, second)), 1, 1));
      expect(found).to.deep.equal({ angle, twelve: first === 'up' || first === 'down' ? 'back' : 'up' });
    });
  }

  it('a coupling and a cap point nowhere; the roll of an offset is an angle of its own', () => {
    expect(findPointing(layOut(run('right', 'right')), endOf(layOut(run('right', 'right')), 1, 1))).to.equal(
      null,
    );
    const rolled = makeRun([
      [0, 'right', 30],
      [1, 'right', null, { geometry: offset('right', ['up', 10], ['back', 10]) }],
    ]);
    expect(findPointing(layOut(rolled), endOf(layOut(rolled), 1, 1))!.angle).to.equal(45);
  });
});

describe('what turns with a fitting', () => {
  const turned = (doc: RunDoc, tag: number, which: 0 | 1) =>
    findTurned(layOut(doc), endOf(layOut(doc), tag, which));

  it('is what hangs on it, away from the pipe it is screwed on', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'up', 20],
      [2, 'right', 40],
      [1, 'right', 25],
      [3, 'down', 15],
    ]);
    expect(turned(doc, 1, 1)).to.deep.equal({ restOfLeg: false, tags: [2, 3, 4, 5], closes: false });
    expect(turned(doc, 2, 1)).to.deep.equal({ restOfLeg: false, tags: [3, 5], closes: false });
    expect(turned(doc, 2, 0)).to.deep.equal({ restOfLeg: false, tags: [1, 4], closes: false });
    expect(turned(doc, 5, 1)).to.equal(null);
  });

  it('is the rest of a long leg beyond its coupling too', () => {
    const doc = makeRun([
      [0, 'right', 30 * 12],
      [1, 'up', 20],
    ]);
    const layout = layOut(doc);
    const [first] = layout.pieces.get(getLeg(doc, 1).id)!;
    expect(findTurned(layout, first!.ends[1])).to.deep.equal({ restOfLeg: true, tags: [2], closes: false });
  });

  it('at the two ends of a piece is everything else, each once (40 random runs, seed 20280)', () => {
    for (let i = 0; i < 40; i++) {
      const layout = layOut(makeRandomRun(8, 20_280 + i));
      const all = Object.values(layout.doc.legs)
        .map(({ tag }) => tag)
        .sort((a, b) => a - b);
      for (const [leg, pieces] of layout.pieces) {
        const [first, last] = [pieces[0], pieces.at(-1)];
        const sides = [first && findTurned(layout, first.ends[0]), last && findTurned(layout, last.ends[1])];
        if (sides.some((side) => side?.closes)) continue;
        const [a, b] = sides.map((side) => side?.tags ?? null);
        const own = layout.doc.legs[leg]!.tag;
        if (a && b) expect([...a, ...b, own].sort((x, y) => x - y)).to.deep.equal(all);
      }
    }
  });
});

describe('a clocked joint', () => {
  it('is none in a document of before', () => {
    const [older] = JSON.parse(readFileSync('tests/support/histories/version-3.json', 'utf8')) as {
      doc: object;
    }[];
    expect(mustBe(readRunDoc(older!.doc)).clockings).to.deep.equal({});
  });

  it('goes in as far as its turning takes it, and the cut with it; other joints keep the house rule', () => {
    const before = run('right', 'up');
    const after = clock(before, 1, 1, 90, 0, 2);
    const [was, is] = [layOut(before), layOut(after)];
    const end = endOf(is, 1, 1);
    expect(end.joint!.engagement).to.equal(getEngagementAt(end.thread!, 2.75));
    expect(end.joint!.tightness!.turnsPastHandTight).to.be.closeTo(2.75, 1e-6);
    const deeper = end.joint!.engagement! - endOf(was, 1, 1).joint!.engagement!;
    const cut = (layout: RunLayout) => layout.pieces.get(getLeg(layout.doc, 1).id)![0]!.cut!.exact;
    expect(cut(is) - cut(was)).to.equal(deeper);
    expect(endOf(is, 2, 0).joint!.engagement).to.equal(endOf(was, 2, 0).joint!.engagement);
  });

  it('says why it is in so far: hand-tight and its turns, no house rule', () => {
    const layout = layOut(clock(run('right', 'up'), 1, 1, 90, 0, 2));
    const [engagement] = explain(layout, endOf(layout, 1, 1).id)!.workings;
    expect([engagement!.formula, engagement!.rule]).to.deep.equal(['engagement-hand-tight-plus-turns', null]);
  });

  it('is clocked again in place of before, let go, and goes with its leg', () => {
    const once = clock(run('right', 'up'), 1, 1, 90, 0, 2);
    const twice = clock(once, 1, 1, 10, 0, 1);
    expect(Object.values(twice.clockings).map(({ handTight, whole }) => [handTight, whole])).to.deep.equal([
      [10, 1],
    ]);
    const end = endOf(layOut(twice), 1, 1);
    expect(findClocking(applyPlan(twice, mustBe(planClockJoint(twice, end, null, newId))), end)).to.equal(
      null,
    );
    const gone = applyPlan(twice, mustBe(planRemoveLegs(layOut(twice), getLeg(twice, 1).id)));
    expect(gone.clockings).to.deep.equal({});
    expect(planClockJoint(twice, { station: 'x', leg: 'no-such-leg' }, null, newId)).to.have.nested.property(
      'refusal.code',
      'leg-unknown',
    );
  });

  it('that points where nothing goes any more is asked about', () => {
    const doc = clock(run('right', 'up'), 1, 1, 90, 0, 2);
    expect(checkRun(layOut(doc)).map(({ code }) => code)).not.to.include('clocking-points-elsewhere');
    const turned = applyPlan(
      doc,
      mustBe(planRedirectLeg(doc, getLeg(doc, 2).id, { kind: 'axis', axis: 'back' })),
    );
    const finding = checkRun(layOut(turned)).find(({ code }) => code === 'clocking-points-elsewhere');
    expect(finding).to.deep.include({ wanted: 0, now: 90, severity: 'ask' });
  });
});
