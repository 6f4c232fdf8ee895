import { expect } from 'chai';
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
import { standardCatalogue, getPeFigures, polyethyleneTable } from '#core/catalogue';
import { checkRun } from '#core/checks';
import { PE_SIZES, type LegSize } from '#core/ends';
import { getContraction, resolveRules, type RuleChoices } from '#core/house-rules';
import { getCraft, makeSettings } from '#core/materials';
import type { Result } from '#core/outcome';
import { assemble } from '#core/runs/layout';
import type { PlannedChange } from '#core/runs/changes';
import {
  planMeasurePart,
  planSayBearing,
  planSayCover,
  planSayPrint,
  planSayZone,
  planPutPart,
} from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { FOOT, INCH, inches, toMillimetres } from '#core/units';
import { makeFusionSheet, listFusionSheets } from './fusion-sheet.ts';
import { listTrenches } from './trench.ts';

const rules = resolveRules({});
const stabbed = { material: 'pe-stabbed', size: '1 IPS SDR 11' } as const;
const fused = { material: 'pe-fused', size: '1 IPS SDR 11' } as const;
const site = { gas: 'natural', jurisdiction: 'us-model' } as const;
const PRINT = '1 IPS SDR 11 PE2708 ASTM D2513 GAS';

/** Steel down to the ground, a riser, 62 ft of pipe, a riser, steel up; both covers said unless told otherwise. */
function makeLine(
  more: readonly TestLeg[] = [],
  choices: RuleChoices = {},
  pipe: typeof stabbed | typeof fused = stabbed,
): RunDoc {
  return makeRun(
    [[0, 'down', 20, { size: '1' }], [1, 'right', 62 * 12, pipe], [2, 'up', 24, { size: '1' }], ...more],
    '1',
    choices,
  );
}
const say = (doc: RunDoc, planned: Result<PlannedChange, unknown>): RunDoc => applyPlan(doc, mustBe(planned));
const nodesOf = (doc: RunDoc) => [getLeg(doc, 2).from, getLeg(doc, 2).to] as const;
function sayAll(doc: RunDoc, cover = '18', bury = '36', marking = PRINT): RunDoc {
  const typed = (text: string) => ({ length: inches(Number(text)), typed: text });
  let now = say(doc, planSayPrint(doc, getLeg(doc, 2).id, { text: PRINT, bury: null }));
  for (const node of nodesOf(doc)) {
    now = say(now, planSayCover(now, node, typed(cover)));
    now = say(now, planSayPrint(now, node, { text: marking, bury: typed(bury) }));
  }
  return now;
}
const codes = (doc: RunDoc, about = /./) =>
  checkRun(layOut(doc), site)
    .map(({ code, severity }) => `${code} ${severity}`)
    .filter((each) => about.test(each));
const GROUND = /cover|riser|pe-|print|bend-at/;

describe('polyethylene pipe', () => {
  it('is by size and wall what every published row has: outside, wall within rounding', () => {
    for (const row of polyethyleneTable) {
      const size = `${row.size} ${row.system} SDR ${row.sdr}`;
      expect(PE_SIZES).to.include(size);
      const { outside, wall } = getPeFigures(size as (typeof PE_SIZES)[number]);
      expect(outside).to.equal(inches(row.outside));
      expect(Math.abs(wall - inches(row.minWall)) / INCH, size).to.be.lessThan(0.0015);
    }
    expect(PE_SIZES).to.have.length(polyethyleneTable.length);
  });

  it('bends to an inside radius of 25 bores: 3/4 IPS 21.5 in, 1-1/4 IPS 34 in', () => {
    const inside = (size: LegSize) => {
      const settings = makeSettings('pe-stabbed', size);
      const { least, recommended } = getCraft(settings).findBending(settings, rules, standardCatalogue)!;
      expect(recommended).to.equal(least);
      return (least - getPeFigures(size as '1 IPS SDR 11').outside / 2) / INCH;
    };
    expect(inside('3/4 IPS SDR 11')).to.be.closeTo(21.5, 0.05);
    expect(inside('1-1/4 IPS SDR 11')).to.be.closeTo(34, 0.06);
  });

  it('shrinks an inch and two tenths in 100 ft for 10 °F, and does not grow where it only gets warmer', () => {
    expect(getContraction(100 * FOOT, { laying: 60, coldest: 50 }) / INCH).to.be.closeTo(1.2, 1e-6);
    expect(getContraction(100 * FOOT, { laying: 40, coldest: 50 })).to.equal(0);
    // 62 ft from 90 to 32 °F, laid in as slack and said on the piece.
    const cut = getPiece(layOut(makeLine()), 2).cut!;
    expect(cut.slack / INCH).to.be.closeTo(62 * 12 * 1e-4 * 58, 0.01);
  });
});

describe('a buried line', () => {
  it('leaves the ground in a riser at each end, with a coupling on its head where pipe goes on', () => {
    const layout = layOut(makeLine());
    const [trench] = listTrenches(layout);
    expect(trench!.points.map(({ mark }) => mark)).to.deep.equal(['riser', 'riser']);
    const { bodies, joints } = assemble(layout);
    const risers = bodies.flatMap((body) =>
      body.kind === 'part' && body.part.kind === 'riser' ? [body.part] : [],
    );
    expect(risers).to.have.length(2);
    // The coupling is a joint of its own: stab, head in coupling, coupling on pipe.
    const ofRiser = joints.filter(
      ({ sides, id }) =>
        sides.some(({ body }) => body === nodesOf(layout.doc)[0]) ||
        id.startsWith(`${nodesOf(layout.doc)[0]}.`),
    );
    expect(ofRiser.map(({ kind }) => kind).sort()).to.deep.equal(['npt-in-npt', 'npt-in-npt', 'pe-stab']);
  });

  it('has a riser whose head goes straight into a fitting where no pipe follows', () => {
    const doc = makeRun(
      [
        [0, 'right', 60, stabbed],
        [1, 'up', null, { size: '1', geometry: { kind: 'made-up', axis: 'up', male: 'from' } }],
        [2, 'right', 30, { size: '1' }],
      ],
      '1',
    );
    const { fitting } = layOut(doc).nodes.get(getLeg(doc, 1).to)!;
    expect(fitting.kind === 'part' && [fitting.part.kind, fitting.part.seats.length]).to.deep.equal([
      'riser',
      0,
    ]);
  });

  it('says its fall, its wire up both risers and its tape, by house rule', () => {
    let doc = sayAll(makeLine());
    doc = say(doc, planSayCover(doc, nodesOf(doc)[1], { length: inches(24), typed: '24' }));
    const [trench] = listTrenches(layOut(doc));
    expect(trench!.legs[0]!.fall).to.equal(inches(6));
    expect(trench!.length).to.equal(62 * FOOT);
    expect(trench!.tape).to.equal(62 * FOOT);
    expect(trench!.wire).to.equal(62 * FOOT + inches(18 + 12 + 24 + 12));
    const wire = listTrenches(layOut({ ...doc, ruleChoices: { tracer: { option: 'wire' } } }))[0]!;
    expect([wire.tape, wire.wire]).to.deep.equal([null, trench!.wire]);
  });

  it('lies on the plan by its bearing, and as it is drawn where none is said', () => {
    const doc = makeLine();
    const end = (each: RunDoc) => {
      const { east, north } = listTrenches(layOut(each))[0]!.points[1]!.onPlan!;
      return [Math.round(east / INCH), Math.round(north / INCH)];
    };
    expect(end(doc)).to.deep.equal([744, 0]);
    expect(end(say(doc, planSayBearing(doc, getLeg(doc, 2).id, 0)))).to.deep.equal([0, 744]);
    expect(end(say(doc, planSayBearing(doc, getLeg(doc, 2).id, 210)))).to.deep.equal([-372, -644]);
  });

  it('a trench of which a length is not known has no length, no wire and no place on the plan from there on', () => {
    const doc = makeRun(
      [
        [0, 'down', 20, { size: '1' }],
        [1, 'right', null, stabbed],
        [2, 'back', 600, stabbed],
        [3, 'up', 24, { size: '1' }],
      ],
      '1',
    );
    const [trench] = listTrenches(layOut(doc));
    expect(trench).to.include({ length: null, wire: null, tape: null, slack: null });
    expect(trench!.points.map(({ along, onPlan }) => [along, onPlan])).to.deep.equal([
      [0, { east: 0, north: 0 }],
      [null, null],
      [null, null],
    ]);
    const known = listTrenches(
      layOut(
        makeRun(
          [
            [0, 'down', 20, { size: '1' }],
            [1, 'right', 300, stabbed],
            [2, 'back', 600, stabbed],
            [3, 'up', 24, { size: '1' }],
          ],
          '1',
        ),
      ),
    )[0]!;
    expect(
      known.points.map(({ onPlan }) => [onPlan!.east / INCH, onPlan!.north / INCH].map(Math.round)),
    ).to.deep.equal([
      [0, 0],
      [300, 0],
      [300, 600],
    ]);
    const capped = listTrenches(
      layOut(
        makeRun(
          [
            [0, 'down', 20, { size: '1' }],
            [1, 'right', 300, { ...stabbed, cap: true }],
          ],
          '1',
        ),
      ),
    )[0]!;
    expect(capped.points.at(-1)!.mark).to.equal('cap');
  });

  it('has risers whose heads stand out by what they are long less the cover and half the pipe', () => {
    let doc = sayAll(makeLine(), '18');
    const { fitting } = layOut(doc).nodes.get(nodesOf(doc)[0])!;
    const part = fitting.kind === 'part' ? fitting.part : null;
    const measured = { port: 'thread', reach: inches(30) };
    doc = say(doc, planMeasurePart(doc, part!, measured, { typed: '30', by: 'A' }, makeIds()));
    const { riser } = listTrenches(layOut(doc))[0]!.points[0]!;
    // 1 IPS is 1.315 in outside: measured from its centre line, 30 less 18 of cover less half of it.
    expect(riser!.head! / INCH).to.be.closeTo(30 - 18 - 1.315 / 2, 1e-4);
    expect(riser!.buried! / INCH).to.be.closeTo(18 + 1.315, 1e-4);
  });

  it('is cut by stab depth once risers are measured: centres less reaches and depths', () => {
    let doc = makeLine();
    const { fitting } = layOut(doc).nodes.get(nodesOf(doc)[0])!;
    const part = fitting.kind === 'part' ? fitting.part : null;
    const newId = makeIds();
    expect(getPiece(layOut(doc), 2).cut!.trimmed).to.deep.equal([true, true]);
    for (const measured of [
      { port: 'tube', reach: inches(10) },
      { port: 'tube', depth: inches(1.5) },
    ])
      doc = say(doc, planMeasurePart(doc, part!, measured, { typed: 't', by: 'A' }, newId));
    const { exact, trimmed } = getPiece(layOut(doc), 2).cut!;
    expect(trimmed).to.deep.equal([false, false]);
    expect(exact / INCH).to.be.closeTo(744 - 2 * (10 - 1.5), 1e-6);
  });
});

describe('butt fusion', () => {
  it('takes three quarters of an inch a joint, half of it from the pipe at each end; the shop’s own where it has one', () => {
    const lengths = (choices: RuleChoices) => {
      let doc = makeLine([], choices, fused);
      const { fitting } = layOut(doc).nodes.get(nodesOf(doc)[0])!;
      const measured = { port: 'tube', reach: inches(10) };
      if (fitting.kind === 'part')
        doc = say(doc, planMeasurePart(doc, fitting.part, measured, { typed: 't', by: 'A' }, makeIds()));
      return getPiece(layOut(doc), 2).cut!.exact / INCH;
    };
    // Finished 744 − 2·(10 − 3/8); faced and melted away at each end 3/8 more.
    expect(lengths({})).to.be.closeTo(744 - 20 + 1.5, 1e-6);
    expect(lengths({ 'fusion-loss': { option: 'own', length: inches(1) } })).to.be.closeTo(
      744 - 20 + 2,
      1e-6,
    );
  });

  it('pipe to pipe takes half at each of the two pieces, never twice; into a fitting all of its side', () => {
    const settled = { contraction: { option: 'own', laying: 60, coldest: 60 } } as const;
    for (const loss of [0.5, 0.75, 1] as const) {
      const rules: RuleChoices = { ...settled, 'fusion-loss': { option: 'own', length: inches(loss) } };
      const whole = makeRun([[0, 'right', 100, fused]], '1', rules);
      const newId = makeIds('butts');
      const once = say(whole, planPutPart(whole, getLeg(whole, 1).id, 'coupling', { share: 0.5 }, newId));
      const twice = say(once, planPutPart(once, getLeg(once, 1).id, 'coupling', { share: 0.25 }, newId));
      const cuts = (doc: RunDoc) =>
        [...layOut(doc).pieces.values()].flat().map(({ cut }) => cut!.exact / INCH);
      expect(cuts(whole)).to.deep.equal([100]);
      // Two pieces come to the length and one joint's loss, three to two joints'.
      expect(cuts(once)).to.deep.equal([50 + loss / 2, 50 + loss / 2]);
      const [first, middle, last] = cuts(twice) as [number, number, number];
      expect(first + middle + last).to.be.closeTo(100 + 2 * loss, 1e-6);
      expect(middle).to.be.closeTo(25 + loss, 1e-6);
      expect([first, last]).to.deep.equal([25 + loss / 2, 50 + loss / 2]);
    }
  });

  it('of two pipes end to end is one joint, and no part stands there', () => {
    const doc = makeLine([], {}, fused);
    const leg = getLeg(doc, 2).id;
    const parted = say(doc, planPutPart(doc, leg, 'coupling', { share: 0.5 }, makeIds('butt')));
    const before = assemble(layOut(doc));
    const after = assemble(layOut(parted));
    expect(after.joints.length).to.equal(before.joints.length + 1);
    const parts = (all: typeof after) => all.bodies.filter(({ kind }) => kind === 'part').length;
    expect(parts(after)).to.equal(parts(before));
    const butt = after.joints.find(
      ({ sides }) => sides.every(({ port }) => port === null) && sides[0].body !== sides[1].body,
    )!;
    expect([butt.kind, butt.verdict.verdict]).to.deep.equal(['pe-fusion', 'makes-only-if']);
  });

  const SHEETS: readonly (readonly [LegSize, number, readonly [number, number], number])[] = [
    // 11 minutes an inch of wall, 90 s at the least; bead 1/32 to 1/16 up to 1-1/4, 1/16 above; 4 s, 8 s from a wall of 0.17.
    ['3/4 IPS SDR 11', 90, [1 / 32, 1 / 16], 4],
    ['1-1/4 IPS SDR 11', 100, [1 / 32, 1 / 16], 4],
    ['1-1/4 IPS SDR 9.3', 118, [1 / 32, 1 / 16], 8],
    ['2 IPS SDR 11', 143, [1 / 16, 1 / 16], 8],
  ];
  for (const [size, cooling, bead, open] of SHEETS)
    it(`${size}: cools ${cooling} s, open ${open} s`, () => {
      const sheet = makeFusionSheet({ catalogue: standardCatalogue, rules }, size as '1 IPS SDR 11', []);
      expect(sheet.cooling).to.equal(cooling);
      expect([sheet.bead?.least, sheet.bead?.most]).to.deep.equal(bead);
      expect(sheet.openTime?.seconds).to.equal(open);
      expect(sheet.iron).to.include({ least: 400, most: 450, target: 425, within: 10, isMakers: true });
      expect(sheet.rest).to.equal(1800);
      expect([sheet.loss, sheet.perSide]).to.deep.equal([inches(0.75), inches(0.375)]);
    });

  it('is listed for the sizes that are fused, with their joints', () => {
    expect(listFusionSheets(layOut(makeLine()))).to.deep.equal([]);
    const [sheet] = listFusionSheets(layOut(makeLine([], {}, fused)));
    expect([sheet!.size, sheet!.joints.length]).to.deep.equal(['1 IPS SDR 11', 2]);
    // The smallest first, whichever is met first; what is as thick as a row goes to is of that row.
    const larger = { material: 'pe-fused', size: '2 IPS SDR 11' } as const;
    const two = makeRun(
      [
        [0, 'down', 20, { size: '2' }],
        [1, 'right', 600, larger],
        [2, 'up', 24, { size: '2' }],
        [0, 'right', 9, { size: '1' }],
        [4, 'down', 20, { size: '1' }],
        [5, 'right', 300, fused],
        [6, 'up', 30, { size: '1' }],
      ],
      '2',
    );
    expect(listFusionSheets(layOut(two)).map(({ size }) => size)).to.deep.equal([
      '1 IPS SDR 11',
      '2 IPS SDR 11',
    ]);
    // A ring of 1.315 outside and a twelfth less twice the wall.
    expect(sheet!.interface.ring).to.be.closeTo((Math.PI / 4) * (1.315 ** 2 - (1.315 * (9 / 11)) ** 2), 1e-6);
  });
});

describe('what is checked of the ground', () => {
  it('all is read, settled and deep enough: nothing is said', () => {
    const doc = { ...sayAll(makeLine()), ruleChoices: { 'burial-depth': { option: '18-inch' } } } as RunDoc;
    expect(codes(doc, GROUND)).to.deep.equal([]);
  });

  const settled = (doc: RunDoc): RunDoc => ({
    ...doc,
    ruleChoices: { 'burial-depth': { option: '12-inch' } },
  });
  const BAD: readonly (readonly [string, () => RunDoc, readonly string[]])[] = [
    [
      'nothing was read or said',
      () => settled(makeLine()),
      ['riser-bury-unread ask', 'riser-bury-unread ask', 'cover-unsaid ask', 'print-unread ask'],
    ],
    ['how deep is not settled', () => sayAll(makeLine()), ['cover-not-settled ask']],
    ['too little cover', () => settled(sayAll(makeLine(), '10')), ['cover-too-little stop']],
    // 24 in of cover and 1.315 in of pipe are over 24 in and over 25, not over 25 5/16.
    [
      'a riser too short',
      () => settled(sayAll(makeLine(), '24', '25')),
      ['riser-too-short stop', 'riser-too-short stop'],
    ],
    ['a riser just long enough', () => settled(sayAll(makeLine(), '24', '25.315')), []],
    [
      'another wall',
      () => settled(sayAll(makeLine(), '18', '36', '1 IPS SDR 9.3 PE2708 GAS')),
      ['prints-differ stop', 'prints-differ stop'],
    ],
    [
      'copper tube size on iron pipe size',
      () => settled(sayAll(makeLine(), '18', '36', '1 CTS SDR 11 PE2708 GAS')),
      ['prints-differ stop', 'prints-differ stop'],
    ],
    [
      'another resin',
      () => settled(sayAll(makeLine(), '18', '36', '1 IPS SDR 11 PE4710 GAS')),
      ['prints-differ ask', 'prints-differ ask'],
    ],
    [
      'not marked for gas',
      () => settled(sayAll(makeLine(), '18', '36', '1 IPS SDR 11 PE2708 WATER ONLY')),
      ['prints-differ stop', 'prints-differ stop'],
    ],
    [
      'pipe of another size than was laid out',
      () => {
        const doc = sayAll(makeLine());
        return settled(
          say(doc, planSayPrint(doc, getLeg(doc, 2).id, { text: '3/4 IPS SDR 11 PE2708 GAS', bury: null })),
        );
      },
      ['print-not-as-laid stop', 'prints-differ stop', 'prints-differ stop'],
    ],
    [
      'it goes up',
      () =>
        settled(
          makeRun(
            [
              [0, 'right', 120, stabbed],
              [1, 'up', 60, stabbed],
            ],
            '1',
          ),
        ),
      ['pe-goes-up stop', 'cover-unsaid ask', 'print-unread ask'],
    ],
    [
      'steel goes straight on, and is not said to be buried',
      () =>
        settled(
          makeRun(
            [
              [0, 'right', 120, stabbed],
              [1, 'right', 60, { size: '1' }],
            ],
            '1',
          ),
        ),
      ['pe-without-riser stop', 'cover-unsaid ask', 'print-unread ask'],
    ],
    [
      'a bend at a joint',
      () =>
        settled(
          makeRun(
            [
              [0, 'down', 20],
              [1, 'right', 30, stabbed],
              [2, 'back', 200, stabbed],
            ],
            '1',
          ),
        ),
      ['bend-at-joint stop', 'riser-bury-unread ask', 'cover-unsaid ask', 'print-unread ask'],
    ],
    [
      'a bend with room, and one whose end is open',
      () =>
        settled(
          makeRun(
            [
              [0, 'down', 20],
              [1, 'right', 60, stabbed],
              [2, 'back', 30, stabbed],
            ],
            '1',
          ),
        ),
      ['riser-bury-unread ask', 'cover-unsaid ask', 'print-unread ask'],
    ],
  ];
  for (const [name, make, expected] of BAD)
    it(name, () => {
      expect(codes(make(), GROUND).sort()).to.deep.equal([...expected].sort());
    });

  it('steel that goes on underground is told so, and then it needs no riser', () => {
    const doc = makeRun(
      [
        [0, 'right', 120, stabbed],
        [1, 'right', 60, { size: '1' }],
      ],
      '1',
    );
    const buried = say(doc, planSayZone(doc, [getLeg(doc, 2).id], 'buried'));
    expect(codes(buried, /pe-without-riser/)).to.deep.equal([]);
  });

  it('in a living space it is forbidden, wherever it was said to run', () => {
    const doc = makeLine();
    for (const zone of ['indoors', 'concealed', 'vehicle', 'outdoors'] as const)
      expect(codes(say(doc, planSayZone(doc, [getLeg(doc, 2).id], zone)), /^place/)).to.include('place stop');
  });

  it('refuses no cover, more than anybody digs, and a bearing that is none', () => {
    const doc = makeLine();
    const [node] = nodesOf(doc);
    const refused = (inch: number) => planSayCover(doc, node, { length: inches(inch), typed: `${inch}` });
    expect(refused(0)).to.deep.include({ ok: false });
    expect(refused(480)).to.deep.include({ ok: false });
    expect(refused(0.5).ok).to.equal(true);
    expect(planSayCover(doc, 'nosuchnode00', null)).to.deep.include({ ok: false });
    for (const degrees of [-1, 360, 12.5])
      expect(planSayBearing(doc, getLeg(doc, 2).id, degrees).ok).to.equal(false);
    expect(planSayPrint(doc, node, { text: PRINT, bury: { length: 0, typed: '0' } }).ok).to.equal(false);
  });
});

it('millimetres of the ground read as they were typed', () => {
  const doc = makeLine();
  const said = say(doc, planSayCover(doc, nodesOf(doc)[0], { length: 450_000_000, typed: '450 mm' }));
  expect(toMillimetres(said.covers[nodesOf(doc)[0]]!.cover)).to.equal(450);
});
