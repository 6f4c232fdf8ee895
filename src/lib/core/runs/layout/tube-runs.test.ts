import { expect } from 'chai';
import { standardCatalogue } from '#core/catalogue';
import { checkRun } from '#core/checks';
import { makeTubeSheet } from '#core/cutting';
import { inches, INCH, millimetres } from '#core/units';
import {
  applyPlan,
  getLeg,
  getPiece,
  layOut,
  makeIds,
  makeRun,
  mustBe,
  type TestLeg,
} from '#support/make-run.ts';
import { withParts } from '#support/make-trap.ts';
import { newAppliance, type RunDoc } from '#core/runs/document';
import { assemble } from './bodies.ts';
import { planMeasurePart } from '#core/runs/commands';
import { evaluateWorking } from '#support/evaluate-working.ts';
import { explain } from '#core/runs/explaining';
import { findEnd, findPiece, getPieces } from './lay-out-run.ts';
import type { RunLayout } from './layout.ts';

const heater = () =>
  newAppliance(
    'heater',
    {
      kind: 'thread',
      family: 'npt',
      size: '1/2',
      gender: 'female',
      hand: null,
      seat: 'none',
      metal: 'brass',
    },
    { what: 'heater' },
  );
const csst = { material: 'csst', size: '1/2' } as const;
const flared = { material: 'copper-flared', size: '3/8 ACR' } as const;

/** Black iron, then tubing along a joist, up and back to a heater. */
const TO_HEATER: readonly TestLeg[] = [
  [0, 'right', 40],
  [1, 'right', 76, csst],
  [2, 'up', 24, csst],
  [3, 'back', 9, { ...csst, terminal: heater() }],
];

const newId = makeIds('measured');
/** Measures openings of a part the layout has, in inches: how far they reach, or how deep they take a tube. */
function measure(
  doc: RunDoc,
  part: string,
  ...said: readonly (readonly [port: string, reach: number | null, depth?: number])[]
): RunDoc {
  const of = standardCatalogue.findPartById(part)!;
  let now = doc;
  for (const [port, reach, depth] of said) {
    const by = { typed: '', by: 'Bo' };
    if (reach !== null)
      now = applyPlan(now, mustBe(planMeasurePart(now, of, { port, reach: inches(reach) }, by, newId)));
    if (depth !== undefined)
      now = applyPlan(now, mustBe(planMeasurePart(now, of, { port, depth: inches(depth) }, by, newId)));
  }
  return now;
}
const codes = (layout: RunLayout) => checkRun(layout).map(({ code }) => code);

describe('tube in a run', () => {
  it('is one piece from end fitting to end fitting, whatever it goes round', () => {
    const layout = layOut(makeRun(TO_HEATER));
    expect([...getPieces(layout)].map(({ mark, path }) => [mark, path?.legs.length ?? 0])).to.deep.equal([
      ['1', 0],
      ['2', 3],
    ]);
    const piece = getPiece(layout, 2);
    expect(piece.path!.turns.map(({ degrees, radius }) => [degrees, radius! / INCH])).to.deep.equal([
      [90, 3],
      [90, 3],
    ]);
    // 76 + 24 + 9 less two gains of 3·(2 − π/2).
    expect(piece.developed!.length / INCH).to.be.closeTo(109 - 2 * 3 * (2 - Math.PI / 2), 1e-9);
  });

  it('is marked for its bends where every one has a radius that can be made; depths are of its own two ends', () => {
    const layout = layOut(makeRun(TO_HEATER));
    const piece = getPiece(layout, 2);
    const path = piece.path!;
    const sheet = makeTubeSheet(piece, layout)!;
    expect(sheet.bends.map(({ after, degrees }) => [after, degrees])).to.deep.equal([
      ['2', 90],
      ['3', 90],
    ]);
    expect(sheet.depths).to.deep.equal(piece.ends.map(({ joint }) => joint!.engagement));
    const bare = { ...piece, ends: [{ ...piece.ends[0], joint: null }, piece.ends[1]] } as typeof piece;
    expect(makeTubeSheet(bare, layout)!.depths[0]).to.equal(null);
    // One of two bends without a radius, two points that are one, no cut: no sheet.
    const turns = path.turns.map((turn, i) => (i === 0 ? turn : { ...turn, radius: null }));
    expect(makeTubeSheet({ ...piece, path: { ...path, turns } } as typeof piece, layout)).to.equal(null);
    const points = path.points.map((point, i) => (i === 1 ? path.points[0]! : point));
    expect(makeTubeSheet({ ...piece, path: { ...path, points } } as typeof piece, layout)).to.equal(null);
    expect(makeTubeSheet({ ...piece, cut: null } as typeof piece, layout)).to.equal(null);
    expect(makeTubeSheet(getPiece(layout, 1), layout)).to.equal(null);
  });

  it('stands between a female adapter on the pipe and a male one in the inlet, and is found by the ids of all its legs', () => {
    const doc = makeRun(TO_HEATER);
    const layout = layOut(doc);
    const { bodies, joints } = assemble(layout);
    expect(bodies.map((body) => ('part' in body ? body.part.id : body.kind))).to.have.members([
      'tube/csst/adapter/1-2/NPT-3-4-female',
      bodies.find((body) => body.kind === 'fixed')!.kind === 'fixed'
        ? (bodies.find((body) => body.kind === 'fixed') as { part: { id: string } }).part.id
        : '',
      'tube/csst/adapter/1-2/NPT-1-2-male',
      'pipe',
      'pipe',
    ]);
    expect(joints.map(({ kind }) => kind)).to.have.members(['npt-in-npt', 'csst', 'npt-in-npt', 'csst']);
    const piece = getPiece(layout, 2);
    const [from, to] = [getLeg(doc, 2), getLeg(doc, 4)];
    expect(piece.id).to.equal(`${from.from}:${from.id}~${to.to}:${to.id}`);
    expect(findPiece(layout, piece.id)).to.equal(piece);
    expect(findEnd(layout, `${to.to}:${to.id}`)).to.equal(piece.ends[1]);
  });

  it('round a corner a fitting of the pipe takes its adapter; where no one part is sold, what is needed is said', () => {
    const turned = layOut(
      makeRun(
        [
          [0, 'right', 40],
          [1, 'up', 24, csst],
        ],
        '1',
      ),
    );
    // Round the corner an elbow of the pipe, 1 × 1/2, with an adapter in it.
    const { fitting } = turned.nodes.get(getLeg(turned.doc, 1).to)!;
    expect(
      fitting.kind === 'part' && [fitting.part.kind, Object.keys(fitting.adapters ?? {}).length],
    ).to.deep.equal(['elbow-90', 1]);
    const strange = layOut(
      makeRun([
        [0, 'right', 40, csst],
        [1, 'up', 24, flared],
      ]),
    );
    const meeting = strange.nodes.get(getLeg(strange.doc, 1).to)!.fitting;
    expect(meeting.kind === 'none' && meeting.refusal.code).to.equal('transition-needed');
  });

  it('branches from a header by a reducing tee with an adapter in its branch', () => {
    const doc = makeRun(
      [
        [0, 'right', 40],
        [1, 'right', 40, { cap: true }],
        [1, 'up', 24, { ...csst, terminal: heater() }],
      ],
      '3/4',
    );
    const { fitting } = layOut(doc).nodes.get(getLeg(doc, 1).to)!;
    expect(fitting.kind === 'part' && fitting.part.id).to.equal('malleable-150/tee/3/4x3/4x1/2');
  });

  it('corrugated tubing is cut over ends nobody measured, long, with its slack said beside; measured, to its length', () => {
    const doc = makeRun(TO_HEATER);
    const piece = getPiece(layOut(doc), 2);
    expect(piece.cut!.trimmed).to.deep.equal([true, true]);
    expect(piece.cut!.trim).to.equal(inches(8));
    expect(piece.cut!.slack).to.equal(Math.round(piece.cut!.exact * 0.03));
    expect(piece.cut!.onTape.length).to.be.closeTo(
      piece.cut!.exact + piece.cut!.slack + inches(8),
      inches(1 / 32),
    );
    expect(codes(layOut(doc))).to.include.members([
      'part-length-unknown',
      'trimmed-in-place',
      'bond',
      'strike-plates',
    ]);
    for (const [option, isAsked] of [
      ['either', false],
      ['yellow', false],
      ['black', true],
    ] as const)
      expect(
        codes(layOut({ ...doc, ruleChoices: { 'csst-jacket': { option } } })).includes('other-jacket'),
        option,
      ).to.equal(isAsked);
    const measured = measure(
      measure(doc, 'tube/csst/adapter/1-2/NPT-3-4-female', ['tube', 0.75, 0], ['thread', 0.75]),
      'tube/csst/adapter/1-2/NPT-1-2-male',
      ['tube', 0.75, 0],
      ['thread', 1],
    );
    const cut = getPiece(layOut(measured), 2).cut!;
    expect(cut.trim).to.equal(0);
    // The female one is measured from its middle, 0.75; the male one goes in half an inch (0.5625 for 3/4, 1/2: 0.53): its 1 in and 0.75 beyond.
    const [near, far] = getPiece(layOut(measured), 2).ends;
    expect(near.takeOff).to.equal(inches(0.75));
    expect(far.takeOff! / INCH).to.be.closeTo(
      1.75 - standardCatalogue.findThread('1/2')!.normalEngagement / INCH,
      1e-6,
    );
    expect(cut.exact).to.equal(
      Math.round(getPiece(layOut(measured), 2).developed!.length) - near.takeOff! - far.takeOff!,
    );
  });

  it('rigid tube is never cut over an end that was not measured; soft copper at its last end only', () => {
    const last: readonly TestLeg[] = [
      [0, 'right', 40, flared],
      [1, 'up', 20, { ...flared, terminal: heater() }],
    ];
    expect(getPiece(layOut(makeRun(last)), 1).cut!.trimmed).to.deep.equal([false, true]);
    const both: readonly TestLeg[] = [
      [0, 'right', 40],
      [1, 'right', 30, flared],
      [2, 'up', 20, { ...flared, terminal: heater() }],
    ];
    expect(getPiece(layOut(makeRun(both, '3/8')), 2).cut).to.equal(null);
    const pressed: readonly TestLeg[] = [
      [0, 'right', 40, { material: 'steel-pressed', size: '3/4' }],
      [1, 'up', 20, { material: 'steel-pressed', size: '3/4' }],
    ];
    expect(getPiece(layOut(makeRun(pressed)), 1).cut).to.equal(null);
    const elbow = 'tube/press-steel/elbow-90/3-4';
    const known = layOut(measure(makeRun(pressed), elbow, ['a', 2, 1]));
    // Centres less centre-to-face plus insertion.
    expect(getPiece(known, 1).cut!.exact).to.equal(inches(39));
    expect(getPiece(known, 2).cut!.exact).to.equal(inches(19));
  });

  it('a flare takes a little more tube than reaches to its rim; measured with a flared stub, nothing more', () => {
    const legs: readonly TestLeg[] = [
      [0, 'right', 40, flared],
      [1, 'right', 30, flared],
      [1, 'up', 20, flared],
    ];
    const tee = 'tube/flare/tee/3-8-ACR';
    const byRim = layOut(measure(makeRun(legs), tee, ['run-a', 1]));
    // (F − d)/2·(√2 − 1), F 0.512 in the middle of its range, d 3/8: 0.028 in.
    expect(getPiece(byRim, 1).cut!.exact / INCH).to.be.closeTo(
      39 + ((0.512 - 0.375) / 2) * (Math.SQRT2 - 1),
      1e-5,
    );
    const byStub = layOut(measure(makeRun(legs), tee, ['run-a', 1, 0]));
    expect(getPiece(byStub, 1).cut!.exact).to.equal(inches(39));
  });

  it('metric copper by its own sizes: 8 mm with olives, 40 mm of bend at 24', () => {
    const olives = { material: 'copper-compression', size: '8 mm' } as const;
    const doc = makeRun([
      [0, 'right', 400 / 25.4, olives],
      [1, 'up', 300 / 25.4, olives],
    ]);
    const piece = getPiece(layOut(doc), 1);
    expect(piece.path!.turns[0]!.radius).to.equal(millimetres(24));
    expect(piece.developed!.bends[0]!.arc / 1e6).to.be.closeTo(37.699, 1e-3);
  });

  it('explains every figure of a tube by terms that come out at it', () => {
    const doc = measure(
      measure(
        makeRun(TO_HEATER),
        'tube/csst/adapter/1-2/NPT-3-4-female',
        ['tube', 0.75, 0],
        ['thread', 0.75],
      ),
      'tube/csst/adapter/1-2/NPT-1-2-male',
      ['tube', 0.75, 0],
      ['thread', 1],
    );
    const layout = layOut(doc);
    const piece = getPiece(layout, 2);
    const { workings } = explain(layout, piece.id)!;
    for (const working of workings)
      expect(evaluateWorking(working), working.formula).to.be.closeTo(working.result.value, 1);
    expect(workings.at(-1)!.result.value).to.equal(piece.cut!.onTape.length);
    expect(workings.map(({ formula }) => formula)).to.include.members([
      'setback',
      'arc',
      'gain',
      'developed',
    ]);
  });

  for (const [name, legs, code] of [
    [
      'a bend tighter than it may be',
      [
        [0, 'right', 40, csst],
        [1, 'up', 24, csst],
      ],
      'bend-too-tight',
    ],
    [
      'two bends with too little between',
      [
        [0, 'right', 40, flared],
        [1, 'up', 1.5, flared],
        [2, 'right', 20, flared],
      ],
      'bends-run-together',
    ],
    [
      'hard tube that turns',
      [
        [0, 'right', 40, { ...flared, stock: 'length' }],
        [1, 'up', 24, { ...flared, stock: 'length' }],
      ],
      'tube-too-hard',
    ],
    [
      'hard tube that is flared',
      [
        [0, 'right', 40, { ...flared, stock: 'length' }],
        [1, 'right', 24, { ...flared, stock: 'length' }],
        [1, 'up', 24, { ...flared, stock: 'length' }],
      ],
      'joint-does-not-make',
    ],
    [
      'a tube shorter than its fittings',
      [
        [0, 'right', 5, csst],
        [1, 'up', 24],
      ],
      'tube-too-short',
    ],
  ] as const satisfies readonly (readonly [string, readonly TestLeg[], string])[])
    it(`says so: ${name}`, () => {
      let doc = makeRun(legs, '1/2');
      if (code === 'bend-too-tight') {
        const node = getLeg(doc, 1).to;
        doc = {
          ...doc,
          nodes: {
            ...doc.nodes,
            [node]: { ...doc.nodes[node]!, part: { kind: 'bend', radius: inches(1), typed: '1' } },
          },
        };
      }
      if (code === 'tube-too-short')
        doc = measure(doc, 'tube/csst/adapter/1-2/NPT-1-2-male', ['tube', 0.75, 0], ['thread', 1]);
      expect(codes(layOut(doc))).to.include(code);
    });

  it('a route is as long as it was measured along its way, ties nothing, and says that its bends were not looked at', () => {
    const legs: readonly TestLeg[] = [
      [0, 'right', 40],
      [1, 'up', 324, { ...csst, geometry: { kind: 'route', axis: 'up' }, terminal: heater() }],
    ];
    const layout = layOut(makeRun(legs, '1/2'));
    const piece = getPiece(layout, 2);
    expect(piece.developed!.length).to.equal(inches(324));
    expect(piece.path!.turns).to.deep.equal([]);
    expect(codes(layout)).to.include('route-not-measured');
    expect(codes(layout)).not.to.include('legs-cross');
  });

  it('a slip coupling closes a gap: half its length goes over each side, and nothing is taken off between', () => {
    const pressed = { material: 'steel-pressed', size: '3/4' } as const;
    const run = withParts(
      makeRun([
        [0, 'right', 60, pressed],
        [1, 'up', 20, pressed],
      ]),
      [[1, 'slip-coupling', 0.5]],
    );
    const slip = 'tube/press-steel/slip-coupling/3-4';
    const layout = layOut(
      measure(measure(run, slip, ['a', 1.25, 1.25]), 'tube/press-steel/elbow-90/3-4', ['a', 2, 1]),
    );
    const [first, second] = ['1a', '1b'].map((mark) => getPiece(layout, mark).cut!.exact / INCH);
    expect(first).to.equal(30);
    // The half of the leg less the elbow's centre-to-face, and what goes into it.
    expect(second).to.equal(29);
    expect(getPiece(layout, '1a').ends[1].joint!.verdict.joint).to.equal('press');
  });

  it('a valve in copper parts the tube; in corrugated tubing none may stand', () => {
    const olives = { material: 'copper-compression', size: '15 mm' } as const;
    const parted = layOut(
      withParts(
        makeRun([
          [0, 'right', 40, olives],
          [1, 'up', 20, olives],
        ]),
        [[1, 'valve', 0.5]],
      ),
    );
    expect([...getPieces(parted)].map(({ mark, path }) => [mark, path!.legs.length])).to.deep.equal([
      ['1a', 1],
      ['1b', 2],
    ]);
    const none = layOut(
      withParts(
        makeRun([
          [0, 'right', 40, csst],
          [1, 'up', 20, csst],
        ]),
        [[1, 'valve', 0.5]],
      ),
    );
    expect(codes(none)).to.include('no-joint-in-tube');
  });

  it('keeps its id and its mark wherever the gas comes from', () => {
    const doc = makeRun(TO_HEATER);
    const [anchor] = Object.values(doc.anchors);
    const turned = { ...doc, anchors: { [anchor!.id]: { ...anchor!, node: getLeg(doc, 4).to } } };
    const [before, after] = [getPiece(layOut(doc), 2), getPiece(layOut(turned), 2)];
    expect(after.id).to.equal(before.id);
    expect(after.developed!.length).to.be.closeTo(before.developed!.length, 1);
    expect(after.ends.map(({ id }) => id)).to.deep.equal(before.ends.map(({ id }) => id).toReversed());
  });

  it('goes through a ring once', () => {
    const ring: readonly TestLeg[] = [
      [0, 'right', 40, csst],
      [1, 'up', 40, csst],
      [2, 'left', 40, csst],
    ];
    const doc = makeRun(ring);
    const [source] = Object.values(doc.anchors);
    const closing = { ...getLeg(doc, 3) };
    const legs = {
      ...doc.legs,
      closing000: {
        id: 'closing000',
        from: closing.to,
        to: source!.node,
        geometry: { kind: 'axis', axis: 'down' },
        system: 'csst',
        rank: 'a0',
        tag: 4,
      },
    } as RunDoc['legs'];
    const specs = {
      ...doc.specs,
      'closing000.csst': {
        id: 'closing000.csst',
        leg: 'closing000',
        system: 'csst',
        material: 'csst',
        size: '1/2',
        stock: 'coil',
      },
    } as RunDoc['specs'];
    const nodes = { ...doc.nodes, [source!.node]: { ...doc.nodes[source!.node]!, terminal: null } };
    const layout = layOut({ ...doc, legs, specs, nodes });
    expect([...getPieces(layout)].length).to.be.lessThan(3);
    expect(codes(layout)).to.include('gas-goes-round');
  });
});
