import { expect } from 'chai';
import { kiln, makeTrapped, withParts } from '#support/make-trap.ts';
import { layOut, madeUp, makeRun, type TestLeg } from '#support/make-run.ts';
import { APPLIANCE_KINDS, MODEL_TRAP_KINDS } from '#core/catalogue';
import type { RuleChoices } from '#core/house-rules';
import type { LegSize } from '#core/ends';
import type { ConnectorGeometry, RunDoc } from '#core/runs/document';
import { INCH, inches } from '#core/units';
import { findDripless } from './drips.ts';
import { listDrops } from './drop.ts';
import { judgeDrop } from './judge-drop.ts';
import { getTrapLengths } from './trap-lengths.ts';

const judge = (doc: RunDoc) => {
  const [drop] = listDrops(layOut(doc));
  const { headline, further } = judgeDrop(drop!);
  return { headline, codes: [headline, ...further].map(({ finding }) => finding.code) };
};
const npt = (size: string, gender: 'male' | 'female') =>
  ({
    kind: 'thread',
    family: 'npt',
    size,
    gender,
    hand: null,
    seat: 'unknown',
    metal: 'black-iron',
  }) as const;
const connector: ConnectorGeometry = {
  kind: 'connector',
  axis: 'right',
  ends: [npt('3/4', 'male'), npt('3/4', 'male')],
  length: 36 * INCH,
  typed: '36',
  isNew: true,
};
const floor = (typed: number) =>
  ({ floor: { from: 'inlet', length: inches(typed), typed: String(typed) } }) as const;
const floorFrom = (typed: number) => ({ floor: { ...floor(typed).floor, from: 'pipe-end' } }) as const;

/** A drop and what is said of it first; the parts put in it, by leg. */
const DROPS: readonly (readonly [
  name: string,
  legs: readonly TestLeg[],
  parts: Parameters<typeof withParts>[1],
  first: string,
  also?: readonly string[],
])[] = [
  ['without any', [[0, 'right', 60], [1, 'down', 40], [2, 'right', 12, { terminal: kiln() }]], [], 'missing'],
  [
    'piped straight through, the nipple hanging',
    [[0, 'down', 40], [1, 'right', 10], [2, 'right', 10, { terminal: kiln() }], [2, 'down', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'straight-through',
  ],
  [
    'piped straight through, downward',
    [[0, 'down', 40], [1, 'down', 10, { terminal: kiln() }], [1, 'right', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'straight-through',
  ],
  [
    'in by the branch, out by the top',
    [[0, 'right', 40], [1, 'up', 10, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'turns-but-rises',
  ],
  [
    'supply rising from below, the nipple on top',
    [[0, 'up', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'up', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'upside-down',
    ['supply-rises'],
  ],
  [
    'level',
    [[0, 'right', 40], [1, 'back', 10, { terminal: kiln() }], [1, 'right', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'level-nipple',
  ],
  [
    'with an open nipple',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.155]],
    [[1, 'valve', 0.5]],
    'no-cap',
  ],
  [
    'with a plug in the tee itself',
    [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', null, { geometry: madeUp('down'), terminal: { kind: 'plug' } }],
    ],
    [[1, 'valve', 0.5]],
    'plug-no-nipple',
  ],
  [
    'without a shut-off',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [],
    'no-shut-off',
  ],
  [
    'with the union before the shut-off',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [[1, 'union', 0.2], [1, 'valve', 0.6]],
    'union-before-shut-off',
  ],
  [
    'with a shut-off after it too',
    [[0, 'down', 40], [1, 'right', 14, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [[1, 'valve', 0.5], [2, 'valve', 0.5]],
    'shut-off-after-trap',
  ],
  [
    'with the only shut-off after it',
    [[0, 'down', 40], [1, 'right', 14, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [[2, 'valve', 0.5]],
    'no-shut-off',
    ['shut-off-after-trap'],
  ],
  [
    'with a reduced nipple',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.1, { cap: true, size: '1/2' }]],
    [[1, 'valve', 0.5]],
    'reduced-nipple',
  ],
  [
    'with a nipple as small as the inlet',
    [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln(), size: '1/2' }],
      [1, 'down', 5.045, { cap: true, size: '1/2' }],
    ],
    [[1, 'valve', 0.5]],
    'works',
  ],
  [
    'too short',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 4.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'too-short',
  ],
  [
    'too far from the inlet',
    [[0, 'down', 40], [1, 'right', 18.5, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'too-far',
  ],
  [
    'after the connector',
    [
      [0, 'down', 40],
      [1, 'right', null, { geometry: connector }],
      [2, 'down', 9],
      [3, 'right', 10, { terminal: kiln() }],
      [3, 'down', 5.155, { cap: true }],
    ],
    [[1, 'valve', 0.5]],
    'trap-after-connector',
  ],
  [
    'before the connector, the floor measured from the pipe’s end',
    [
      [0, 'down', 40],
      [1, 'right', null, { geometry: connector, terminal: kiln(floorFrom(9)) }],
      [1, 'down', 5.155, { cap: true }],
    ],
    [[1, 'valve', 0.5]],
    'works',
  ],
  [
    'before the connector, too near the floor',
    [
      [0, 'down', 40],
      [1, 'right', null, { geometry: connector, terminal: kiln(floorFrom(7)) }],
      [1, 'down', 5.155, { cap: true }],
    ],
    [[1, 'valve', 0.5]],
    'no-room',
  ],
  [
    'before the connector, the floor measured from an inlet that hangs on it',
    [
      [0, 'down', 40],
      [1, 'right', null, { geometry: connector, terminal: kiln(floor(40)) }],
      [1, 'down', 5.155, { cap: true }],
    ],
    [[1, 'valve', 0.5]],
    'room-not-known',
  ],
  [
    'before the connector, nothing measured',
    [
      [0, 'down', 40],
      [1, 'right', null, { geometry: connector, terminal: kiln() }],
      [1, 'down', 5.155, { cap: true }],
    ],
    [[1, 'valve', 0.5]],
    'room-not-known',
  ],
  [
    'with a nipple that was not measured',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', null, { cap: true }]],
    [[1, 'valve', 0.5]],
    'nipple-not-measured',
  ],
  [
    'whose floor is too near',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln(floor(7)) }], [1, 'down', 5.155, { cap: true }]],
    [[1, 'valve', 0.5]],
    'no-room',
  ],
  [
    'of a kind not said',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln({ what: null }) }]],
    [],
    'kind-unknown',
  ],
  [
    'with one built in',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln({ hasTrap: true }) }]],
    [],
    'built-in',
  ],
  [
    'a long outlet for later is no trap',
    [[0, 'right', 40], [1, 'down', 40, { terminal: kiln() }], [1, 'right', 40, { cap: true }]],
    [],
    'missing',
  ],
]; // prettier-ignore

describe('sediment traps', () => {
  it('of two stubs that do nothing the one nearer the appliance is meant; of several the one that works', () => {
    // Along, down past a level stub, on down past another, out to the kiln: `works` hangs a nipple in one of the two places.
    const make = (works: 'first' | 'second' | null) => {
      const legs: readonly TestLeg[] = [
        [0, 'right', 60],
        [1, 'down', 30],
        [2, 'right', 20],
        [3, 'down', 30],
        [4, 'right', 12, { terminal: kiln() }],
        [2, works === 'first' ? 'down' : 'back', 5.155, { cap: true }],
        [4, works === 'second' ? 'down' : 'back', 5.155, { cap: true }],
      ];
      const [drop] = listDrops(layOut(makeRun(legs, '3/4')));
      return drop!.trap!.nipple.leg.leg.tag;
    };
    expect(make(null)).to.equal(7);
    expect(make('first')).to.equal(6);
    expect(make('second')).to.equal(7);
  });

  it('over a leg that was not measured the room is not known, and asked', () => {
    const doc = withParts(
      makeRun([
        [0, 'down', 40],
        [1, 'right', null, { terminal: kiln(floor(40)) }],
        [1, 'down', 5.155, { cap: true }],
      ]),
      [[1, 'valve', 0.5]],
    );
    const { headline, further } = judgeDrop(listDrops(layOut(doc))[0]!);
    expect([headline, ...further]).to.deep.include({
      severity: 'ask',
      finding: { code: 'room-not-known', over: 'leg' },
    });
  });

  for (const [name, legs, parts, first, also = []] of DROPS) {
    it(`a drop ${name}: ${first}`, () => {
      const { codes } = judge(withParts(makeRun(legs), parts));
      expect(codes[0]).to.equal(first);
      expect(codes).to.include.members([...also]);
    });
  }

  it('says further findings once each, the worst first', () => {
    const bad = makeRun([
      [0, 'down', 40],
      [1, 'right', 10],
      [2, 'right', 10, { terminal: kiln() }],
      [2, 'down', 3, { cap: true, size: '1/2' }],
    ]);
    expect(judge(bad).codes).to.deep.equal([
      'straight-through',
      'no-shut-off',
      'reduced-nipple',
      'too-short',
      'room-unknown',
    ]);
  });

  it('asks for a trap where the house does: by kind, everywhere, nowhere, by a list of its own', () => {
    for (const what of APPLIANCE_KINDS) {
      const bare = (rules: RuleChoices) =>
        judge(
          makeRun(
            [
              [0, 'down', 40],
              [1, 'right', 10, { terminal: kiln({ what }) }],
            ],
            '3/4',
            rules,
          ),
        ).codes[0];
      const isListed = MODEL_TRAP_KINDS.includes(what);
      expect(bare({}), what).to.equal(isListed ? 'missing' : 'not-required');
      expect(bare({ 'trap-needed': { option: 'every-appliance' } }), what).to.equal('missing');
      expect(bare({ 'trap-needed': { option: 'none' } }), what).to.equal('not-required');
      const own = { option: 'own-list', kinds: ['range'] } as const;
      expect(bare({ 'trap-kinds': own }), what).to.equal(what === 'range' ? 'missing' : 'not-required');
    }
    expect(judge(makeTrapped({ plate: { what: 'range' }, nipple: 3 })).headline.finding.code).to.equal(
      'not-required',
    );
  });

  it('tolerates what the house tolerates, and says so', () => {
    const straight = makeRun(
      [
        [0, 'down', 40],
        [1, 'right', 10],
        [2, 'right', 10, { terminal: kiln() }],
        [2, 'down', 5.155, { cap: true }],
      ],
      '3/4',
      { 'straight-trap': { option: 'tolerated' } },
    );
    const { headline, codes } = judge(withParts(straight, [[1, 'valve', 0.5]]));
    expect(headline.finding.code).to.equal('works');
    expect(codes).to.include('straight-through');
  });

  it('measures what the house measures', () => {
    const says = (option: 'nipple' | 'exposed' | 'pocket', least: 'three-inch' | 'four-inch') =>
      judge(makeTrapped({ rules: { 'trap-measured': { option }, 'trap-nipple': { option: least } } }))
        .headline;
    expect(says('nipple', 'four-inch').finding.code).to.equal('works');
    const exposed = says('exposed', 'three-inch').finding;
    expect(exposed).to.include({ code: 'too-short', least: 3 * INCH });
    expect((exposed as { has: number }).has / INCH).to.be.closeTo(2.875, 1e-6);
    expect(says('pocket', 'three-inch').finding.code).to.equal('works');
    expect(says('pocket', 'four-inch').finding.code).to.equal('too-short');
    const own = {
      'trap-nipple': { option: 'own', name: 'as the gas works say', reason: 'they come and look' },
    } as const;
    expect(judge(makeTrapped({ rules: own })).headline.finding.code).to.equal('own-way');
  });

  /** Exposed, pocket, tee centre to cap bottom, in inches, of a 4 in and a 3 in nipple. */
  const LENGTHS: readonly (readonly [LegSize, number, number, number, number])[] = [
    ['1/2', 4, 3.0, 3.87, 4.99],
    ['3/4', 4, 2.875, 3.845, 5.155],
    ['1', 4, 2.625, 3.785, 5.285],
    ['1/2', 3, 2.0, 2.87, 3.99],
    ['3/4', 3, 1.875, 2.845, 4.155],
  ];
  for (const [size, nipple, exposed, pocket, centre] of LENGTHS) {
    it(`the lengths of a ${size} × ${nipple} nipple, against a sum of their own`, () => {
      const [drop] = listDrops(layOut(makeTrapped({ size, nipple: centre })));
      const found = getTrapLengths(drop!.trap!);
      expect(found.nipple! / INCH).to.be.closeTo(nipple, 1e-6);
      expect(found.exposed! / INCH).to.be.closeTo(exposed, 1e-6);
      expect(found.pocket! / INCH).to.be.closeTo(pocket, 1e-6);
      expect(found.centreToBottom! / INCH).to.be.closeTo(centre, 1e-6);
      const [e, f] = found.engagements;
      expect(found.exposed! + e! + f!).to.equal(found.nipple);
      expect(found.exposed! + found.depth! + found.centreToFace!).to.equal(found.centreToBottom);
    });
  }

  it('a reducing tee has a centre of its own: 3/4 × 3/4 × 1/2, 5.045', () => {
    const run = makeRun([
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln(), size: '1/2' }],
      [1, 'down', 5.045, { cap: true }],
    ]);
    const [drop] = listDrops(layOut(withParts(run, [[1, 'valve', 0.5]])));
    expect(getTrapLengths(drop!.trap!).nipple! / INCH).to.be.closeTo(4, 1e-6);
  });

  it('the room under the cap: what the cap comes down, and the wrench', () => {
    // Tee centre to cap bottom 5.155, e at 3/4 0.5625, two inches for the wrench: 7.7175 are just enough.
    for (const [typed, first] of [
      [7.717, 'no-room'],
      [7.718, 'works'],
    ] as const)
      expect(judge(makeTrapped({ plate: floor(typed) })).codes[0], String(typed)).to.equal(first);
    const own = { 'trap-room': { option: 'own', length: inches(1) } } as const;
    expect(judge(makeTrapped({ plate: floor(7), rules: own })).codes[0]).to.equal('works');
  });

  it('two appliances on one drop: what serves both is the drop of neither', () => {
    const layout = layOut(
      makeRun([
        [0, 'right', 60],
        [1, 'down', 40],
        [2, 'right', 12, { terminal: kiln() }],
        [2, 'left', 12, { terminal: kiln() }],
      ]),
    );
    const drops = listDrops(layout);
    expect(drops.map(({ path }) => path.length)).to.deep.equal([1, 1]);
    expect(drops.map((drop) => judgeDrop(drop).headline.finding.code)).to.deep.equal(['missing', 'missing']);
  });

  it('a drip is no trap: wet gas wants one at every low point', () => {
    const low = makeRun([
      [0, 'down', 20],
      [1, 'right', 30],
      [2, 'up', 20, { terminal: kiln({ what: 'range' }) }],
    ]);
    expect(findDripless(layOut(low))).to.have.length(2);
    const dripped = makeRun([
      [0, 'down', 20],
      [1, 'right', 30],
      [1, 'down', 6, { cap: true }],
      [2, 'up', 20, { terminal: kiln({ what: 'range' }) }],
      [2, 'down', 6, { cap: true }],
    ]);
    expect(findDripless(layOut(dripped))).to.have.length(0);
  });
});
