import { expect } from 'chai';
import { findReach } from '#core/catalogue';
import { readRunDoc } from '#core/formats';
import { makeCutSheet } from '#core/cutting';
import { judgeEnds } from '#core/joints';
import { checkRun } from '#core/checks';
import { getSpecId, type RunDoc } from '#core/runs/document';
import { inches } from '#core/units';
import { getPiece, layOut, makeRun, mustBe } from '#support/make-run.ts';
import type { Craft } from './craft.ts';
import { CRAFTS } from './crafts.ts';
import { threadedSteel } from './threaded-steel/threaded-steel.ts';

/** Every socket of this toy is half an inch deep. */
const DEPTH = inches(0.5);

/** A system that nobody sells: pipe pushed into sockets. Its folder would hold this, and the table of crafts one line more. */
const toy: Craft = {
  ...threadedSteel,
  system: 'toy-push' as Craft['system'],
  materials: {},
  getEnd: () => ({ kind: 'tube', of: 'copper', name: '22 mm', prepared: 'plain', temper: 'hard' }),
  readEnd: () => null,
  goTogether: () => true,
  isCarried: () => true,
  workOutBare: (_, unknown) => ({ thread: null, joint: null, takeOff: unknown ? null : 0, unknown }),
  workOut: (_, part, port, catalogue, rules) => {
    const socket = { kind: 'socket', how: 'capillary', takes: { of: 'copper', name: '22 mm' } } as const;
    const verdict = judgeEnds(toy.getEnd(settings, 'male'), socket, catalogue.ends, rules);
    const reach = findReach(port)!;
    return {
      thread: null,
      joint: { part, port, reach, engagement: DEPTH, tightness: null, torque: null, verdict },
      takeOff: reach - DEPTH,
      unknown: null,
    };
  },
  getStock: () => inches(120),
  getLeastPiece: () => DEPTH * 2,
  listBought: () => [],
  findBought: () => null,
  findNearestBought: () => null,
};
const settings = { system: toy.system, material: 'black-iron', size: '3/4', stock: 'length' } as const;

/** The same run, of the toy. */
function toToy(doc: RunDoc): RunDoc {
  const legs = Object.fromEntries(
    Object.values(doc.legs).map((leg) => [leg.id, { ...leg, system: toy.system }]),
  );
  const specs = Object.keys(legs).map((leg) => ({ id: getSpecId(leg, toy.system), leg, ...settings }));
  return {
    ...doc,
    legs,
    specs: { ...doc.specs, ...Object.fromEntries(specs.map((spec) => [spec.id, spec])) },
  };
}

describe('a fifth craft', () => {
  const table = CRAFTS as Record<string, Craft>;
  before(() => (table[toy.system] = toy));
  after(() => Reflect.deleteProperty(table, toy.system));
  const steel = makeRun([
    [0, 'right', 40],
    [1, 'down', 30, { cap: true }],
  ]);

  it('is laid out by its own allowances, cut, judged and counted; what is not its own stays', () => {
    const layout = layOut(toToy(steel));
    // Elbow 1.31, cap 0.94: each less half an inch of socket.
    expect(getPiece(layout, 2).cut!.exact).to.equal(
      inches(30) - inches(1.31 - 0.5) - getPiece(layout, 2).ends[1].takeOff!,
    );
    expect(getPiece(layout, 1).ends[1].joint!.verdict.joint).to.equal('capillary');
    expect(makeCutSheet(layout).joints.made).to.equal(3);
    expect(layout.doc.specs[getSpecId(getPiece(layout, 1).leg, 'threaded-steel')]).to.include({
      size: '3/4',
    });
    expect(
      checkRun(layout)
        .filter(({ severity }) => severity === 'stop')
        .map(({ code }) => code),
    ).to.deep.equal(
      // The house forbids soft solder by default: its ruling stands in the run as on every screen.
      ['joint-does-not-make', 'joint-does-not-make', 'joint-does-not-make'],
    );
  });

  it('is joined by couplings of its own stock, and never to another system without a transition', () => {
    const long = layOut(toToy(makeRun([[0, 'right', 200, { cap: true }]])));
    const [leg] = [...long.legs.values()];
    expect(leg!.inline.map(({ placedBy }) => placedBy)).to.deep.equal(['stock']);
    const mixed = toToy(steel);
    const [first] = Object.values(mixed.legs);
    const both = {
      ...mixed,
      legs: { ...mixed.legs, [first!.id]: { ...first!, system: 'threaded-steel' as const } },
    };
    const { fitting } = layOut(both).nodes.get(first!.to)!;
    expect(fitting.kind === 'none' && fitting.refusal.code).to.equal('fitting-threads-differ');
  });

  it('steel runs do not notice', () => {
    expect(mustBe(readRunDoc(JSON.parse(JSON.stringify(steel))))).to.deep.equal(steel);
    expect(getPiece(layOut(steel), 2).ends[0].joint!.verdict.joint).to.equal('npt-in-npt');
  });
});
