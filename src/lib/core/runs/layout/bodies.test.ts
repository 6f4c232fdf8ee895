import { expect } from 'chai';
import { makeCutSheet } from '#core/cutting';
import { makeTaperEnd } from '#core/catalogue';
import { inches } from '#core/units';
import { applyPlan, getLeg, getPiece, layOut, madeUp, makeIds, makeRun, mustBe } from '#support/make-run.ts';
import { makeRandom } from '#support/random-run.ts';
import { planRandomCommand } from '#support/random-command.ts';
import { assemble, findJoint, type LaidJoint } from './bodies.ts';
import { checkRun } from '#core/checks';
import { planPutPart } from '#core/runs/commands';
import { getPieces } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';
import { isMaleAt, newRun, type Pick, type RunDoc } from '#core/runs/document';

const withPick = (doc: RunDoc, pick: Omit<Pick, 'id'>): RunDoc => ({
  ...doc,
  picks: { pickthing0: { id: 'pickthing0', ...pick } },
});

/** Bodies and joints without their ids. */
function describeAssembly(layout: RunLayout): { bodies: string[]; joints: string[] } {
  const { bodies, joints } = assemble(layout);
  const names = new Map(
    bodies.map((body) => [
      body.id,
      body.kind === 'pipe'
        ? `pipe ${body.piece.size} ${body.piece.cut?.exact ?? '?'}`
        : body.kind === 'connector'
          ? 'connector'
          : body.part.id,
    ]),
  );
  const sayJoint = ({ kind, sides, tightness }: LaidJoint) =>
    `${kind}: ${sides.map(({ body, port }) => `${names.get(body)} ${port ?? ''}`).join(' in ')}, ${tightness?.turnsPastHandTight.toFixed(3)} turns`;
  return { bodies: [...names.values()].sort(), joints: joints.map(sayJoint).sort() };
}

describe('bodies and joints', () => {
  const bushed = makeRun([
    [0, 'right', 30],
    [1, 'right', 30],
    [1, 'down', null, { geometry: madeUp('down') }],
    [3, 'down', 20, { size: '1/2' }],
  ]);
  /** The same tee, the bushing chosen as a transition instead of standing as a node. */
  const plain = makeRun([
    [0, 'right', 30],
    [1, 'right', 30],
    [1, 'down', 20, { size: '1/2' }],
  ]);
  const drop = getLeg(plain, 3);
  const tee = makeTaperEnd('NPT', '3/4', 'female');
  const pipe = makeTaperEnd('NPT', '1/2', 'male');
  const bushing = { id: 'bushing000', part: 'malleable-150/hex-bushing/3/4x1/2', dated: '' };
  const pick = {
    station: drop.from,
    leg: drop.id,
    forEnds: [tee, pipe],
    parts: [bushing],
    agreed: [],
  } as const;

  it('a bushing that stands as a node and one in a chain are the same bodies and joints', () => {
    const node = layOut(bushed);
    const straight = layOut(withPick(plain, pick));
    // Centre to centre of the node's run ends at the bushing: its face is 1.5975 in from the tee's centre.
    const far = inches(20) + inches(1.5975);
    const measure = Object.values(plain.measures).find(({ to }) => to.id === drop.to)!;
    const same = layOut({
      ...withPick(plain, pick),
      measures: { ...plain.measures, [measure.id]: { ...measure, value: far } },
    });
    expect(straight.nodes.get(drop.from)!.fitting).to.have.nested.property('part.kind', 'tee');
    expect(describeAssembly(same)).to.deep.equal(describeAssembly(node));
    expect(getPiece(same, 3).cut!.exact).to.equal(getPiece(node, 4).cut!.exact);
    expect(makeCutSheet(same).fittings).to.deep.equal(makeCutSheet(node).fittings);
    expect(makeCutSheet(same).joints).to.deep.equal(makeCutSheet(node).joints);
  });

  it('the pipe’s end keeps its id whatever chain stands there; inner joints are named by the part nearer the station', () => {
    const without = getPiece(
      layOut(
        makeRun([
          [0, 'right', 30],
          [1, 'right', 30],
          [1, 'down', 20],
        ]),
      ),
      3,
    );
    const layout = layOut(withPick(plain, pick));
    expect(getPiece(layout, 3).ends[0].id).to.equal(without.ends[0].id);
    const ids = assemble(layout).joints.map(({ id }) => id);
    expect(ids).to.include(`${drop.from}.branch`).and.to.include(`${drop.from}:${drop.id}`);
    expect(findJoint(layout, `${drop.from}:${drop.id}`)!.sides.map(({ body }) => body)).to.deep.equal([
      getPiece(layout, 3).id,
      'bushing000',
    ]);
  });

  const reducer = { id: 'reducer000', part: 'malleable-150/hex-bushing/3/4x3/8', dated: '' };
  for (const [name, change, code, severity] of [
    [
      'a part that is not carried',
      { parts: [{ id: 'nosuch0000', part: 'malleable-150/nosuch/3/4', dated: '' }] },
      'transition-does-not-fit',
      'stop',
    ],
    ['parts that do not go together', { parts: [bushing, reducer] }, 'transition-does-not-fit', 'stop'],
    [
      'a part that turns',
      { parts: [{ id: 'elbow00000', part: 'malleable-150/street-90/3/4', dated: '' }] },
      'transition-does-not-fit',
      'stop',
    ],
    [
      'a pipe of another size',
      { forEnds: [tee, makeTaperEnd('NPT', '3/8', 'male')] },
      'transition-stale',
      'ask',
    ],
  ] as const) {
    it(`${name}: ${code}, never guessed at`, () => {
      const layout = layOut(withPick(plain, { ...pick, ...change }));
      const finding = checkRun(layout).find((each) => each.code === code);
      expect(finding).to.include({ severity, mark: '3', subject: 'pickthing0' });
    });
  }

  it('fitting straight into fitting is one joint, named by its female side; a union is two made joints and a seat', () => {
    const street = makeRun([
      [0, 'right', 20],
      [1, 'down', null, { geometry: madeUp('down') }],
      [2, 'out', 20],
    ]);
    const leg = getLeg(street, 2);
    const layout = layOut(street);
    const joint = findJoint(layout, `${leg.from}:${leg.id}`)!;
    expect(isMaleAt(leg, leg.to)).to.equal(true);
    expect(joint.verdict.verdict).to.equal('makes');
    expect(joint.sides.map(({ body }) => body)).to.deep.equal([leg.to, leg.from]);
    expect(joint.tightness!.turnsPastHandTight).to.be.above(2);
    const run = makeRun([[0, 'right', 60, { cap: true }]]);
    const put = applyPlan(
      run,
      mustBe(planPutPart(run, getLeg(run, 1).id, 'union', { share: 0.5 }, makeIds('union'))),
    );
    // Source end bare, two threads in the union, its seat, the cap.
    expect(makeCutSheet(layOut(put)).joints).to.deep.equal({ made: 3, seats: 1, leakPoints: 4 });
    const union = Object.keys(put.parts)[0]!;
    expect(findJoint(layOut(put), `${union}.seat`)).to.include({ kind: 'union', takeOff: null });
  });

  const SEED = 20_281;
  it(`every joint of random runs has one id, two bodies that are there, and a verdict; none is left out (seed ${SEED})`, () => {
    const random = makeRandom(SEED);
    let joints = 0;
    for (let run = 0; run < 12; run++) {
      const newId = makeIds(`run${run}x`);
      let doc = newRun('assembled0', '1', {});
      for (let step = 0; step < 60; step++) {
        const plan = planRandomCommand(doc, random, newId);
        if (plan && plan.ops.length > 0) doc = applyPlan(doc, plan);
      }
      const layout = layOut(doc);
      const { bodies, joints: all } = assemble(layout);
      const ids = new Set(bodies.map(({ id }) => id));
      // What does not make is a finding, never passed over.
      const told = checkRun(layout).flatMap(({ code, subject }) =>
        code === 'joint-does-not-make' ? [subject] : [],
      );
      expect(ids.size).to.equal(bodies.length);
      expect(new Set(all.map(({ id }) => id)).size, 'ids of joints').to.equal(all.length);
      for (const { sides, verdict, id } of all) {
        for (const { body } of sides) expect(ids.has(body), `${id}: ${body}`).to.equal(true);
        if (verdict.joint === null) expect(told, id).to.include(id);
      }
      const ends = [...getPieces(layout)].flatMap((piece) => piece.ends.filter(({ joint }) => joint));
      for (const { id } of ends) expect(findJoint(layout, id), id).not.to.equal(null);
      joints += all.length;
    }
    expect(joints).to.be.above(60);
  });
});
