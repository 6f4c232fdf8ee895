import { expect } from 'chai';
import { kiln, withParts } from '#support/make-trap.ts';
import { applyPlan, layOut, madeUp, makeIds, makeRun, type TestLeg } from '#support/make-run.ts';
import { applyOps, invertOps } from '#core/runs/changes';
import { listDrops, judgeDrop } from '#core/traps';
import { INCH } from '#core/units';
import { NO_WISH } from './trap-wish.ts';
import { planPutRight } from './put-right.ts';
import { reportWork } from './work-report.ts';

const newId = makeIds('rightthing');
const right = (legs: readonly TestLeg[], parts: Parameters<typeof withParts>[1] = []) => {
  const doc = withParts(makeRun(legs), parts);
  const before = layOut(doc);
  const result = planPutRight(before, listDrops(before)[0]!.node.id, NO_WISH, newId);
  if (!result.ok) return { code: result.refusal.code, doc, before, refusal: result.refusal };
  return { code: 'right', doc, before, ...result.value };
};
const VALVE = [
  [1, 'valve', 0.4],
  [1, 'union', 0.7],
] as const;

/** Traps that are wrong, and how many bought parts are new when they are right. */
const WRONG: readonly (readonly [
  name: string,
  legs: readonly TestLeg[],
  parts: Parameters<typeof withParts>[1],
  bought: number,
])[] = [
  [
    'straight through beyond an elbow: tee and elbow change places',
    [[0, 'down', 40], [1, 'right', 8], [2, 'right', 8, { terminal: kiln() }], [2, 'down', 5.155, { cap: true }]],
    VALVE,
    0,
  ],
  [
    'straight through downward, an elbow beyond',
    [[0, 'down', 40], [1, 'down', 10], [2, 'right', 10, { terminal: kiln() }], [1, 'right', 5.155, { cap: true }]],
    VALVE,
    0,
  ],
  [
    'level, on a level supply: built in anew',
    [[0, 'right', 60], [1, 'right', 30, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [],
    5,
  ],
  ['without a cap', [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.155]], VALVE, 1],
  [
    'too short',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 4.155, { cap: true }]],
    VALVE,
    0,
  ],
  [
    'reduced',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.1, { cap: true, size: '1/2' }]],
    VALVE,
    2,
  ],
  [
    'a plug in the tee',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', null, { geometry: madeUp('down'), terminal: { kind: 'plug' } }]],
    VALVE,
    1,
  ],
  [
    'without a shut-off',
    [[0, 'down', 40], [1, 'right', 10, { terminal: kiln() }], [1, 'down', 5.155, { cap: true }]],
    [],
    2,
  ],
]; // prettier-ignore

describe('putting a trap right', () => {
  for (const [name, legs, parts, bought] of WRONG) {
    it(`${name}: ${bought} new parts`, () => {
      const result = right(legs, parts);
      if (!('after' in result)) throw new Error(JSON.stringify(result.refusal));
      const { after, before, change, doc } = result;
      expect(judgeDrop(listDrops(after)[0]!).headline.finding.code).to.equal('works');
      const report = reportWork(before, after, listDrops(before)[0]!);
      expect(report.bought.reduce((sum, { count }) => sum + count, 0)).to.equal(bought);
      const back = applyOps(applyPlan(doc, change), invertOps(change.ops));
      expect(back.ok && back.value).to.deep.equal(doc);
    });
  }

  it('says what is cut, what stays, and which joints are opened', () => {
    const result = right(...(WRONG[0]!.slice(1, 3) as [readonly TestLeg[], typeof VALVE]));
    if (!('after' in result)) throw new Error('refused');
    const report = reportWork(result.before, result.after, listDrops(result.before)[0]!);
    // One pipe from the new tee to the kiln in place of two; the piece under the union is of another length only if its fitting is.
    expect(report.cut).to.have.length(1);
    expect(report.reused.map(({ size }) => size)).to.include('3/4');
    expect(report.freed.map(({ part }) => part.kind)).to.deep.equal(['elbow-90']);
    expect(report.opened.length).to.be.greaterThan(3);
    expect(report.closedBy).to.equal('union');
  });

  it('closes by a union of this drop alone, not by one of another branch', () => {
    const legs: readonly TestLeg[] = [
      [0, 'right', 60],
      [1, 'right', 60],
      [2, 'down', 40],
      [3, 'right', 10, { terminal: kiln() }],
      [3, 'down', 5.155, { cap: true }],
      [1, 'down', 40, { terminal: kiln() }],
    ];
    const close = (parts: Parameters<typeof withParts>[1]) => {
      const layout = layOut(withParts(makeRun(legs), parts));
      return reportWork(
        layout,
        layout,
        listDrops(layout).find(({ trap }) => trap !== null)!,
      ).closedBy;
    };
    expect(close([])).to.equal('nothing');
    expect(close([[6, 'union', 0.5]])).to.equal('nothing');
    expect(
      close([
        [3, 'union', 0.5],
        [6, 'union', 0.5],
      ]),
    ).to.equal('union');
  });

  it('is refused where nothing is wrong, where there is none, and where it does not fit', () => {
    expect(
      right([
        [0, 'down', 40],
        [1, 'right', 10, { terminal: kiln() }],
      ]).code,
    ).to.equal('trap-missing');
    const works: readonly TestLeg[] = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln() }],
      [1, 'down', 5.155, { cap: true }],
    ];
    expect(right(works, VALVE).code).to.equal('trap-right');
    const low = { floor: { from: 'inlet', length: 7 * INCH, typed: '7' } } as const;
    const tight: readonly TestLeg[] = [
      [0, 'down', 40],
      [1, 'right', 10, { terminal: kiln(low) }],
      [1, 'down', 4.155, { cap: true }],
    ];
    expect(right(tight, VALVE).code).to.equal('trap-no-room');
  });
});
