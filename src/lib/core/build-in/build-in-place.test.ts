import { share } from '#support/share.ts';
import { expect } from 'chai';
import { applyPlan, getLeg, layOut, makeIds, makeRun, mustBe, type TestLeg } from '#support/make-run.ts';
import { kiln, withParts } from '#support/make-trap.ts';
import { makeRandom } from '#support/random-run.ts';
import { checkRun } from '#core/checks';
import { JURISDICTIONS, RULE_PACKS } from '#core/house-rules';
import { isOutOfReach, ZONES } from '#core/permissions';
import { planPutPassage, planSayZone } from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { listDrops, judgeDrop } from '#core/traps';
import { planBuildTrap } from './build-trap.ts';
import { planPutRight } from './put-right.ts';
import { NO_WISH } from './trap-wish.ts';

const SHAPES: readonly (readonly TestLeg[])[] = [
  [[0, 'right', 60], [1, 'down', 60], [2, 'right', 12, { terminal: kiln() }]],
  [[0, 'right', 60], [1, 'down', 60, { terminal: kiln() }]],
  [[0, 'right', 40], [1, 'back', 60, { terminal: kiln() }]],
  [[0, 'up', 60], [1, 'right', 40, { terminal: kiln() }]],
  [[0, 'right', 30], [1, 'down', 60], [2, 'right', 20], [3, 'back', 20, { terminal: kiln() }]],
  [[0, 'right', 30], [1, 'down', 60], [2, 'right', 12, { terminal: kiln() }], [2, 'left', 4, { cap: true }]],
]; // prettier-ignore

describe('building in respects places', () => {
  const SEED = 13_005;
  it(`over 160 random places, packs, valves and walls: no stop is added, nothing that is reached is put where it is not (seed ${SEED})`, function () {
    this.timeout(60_000);
    const newId = makeIds('built');
    const met = { built: 0, hidden: 0, stopped: 0, refused: 0 };
    for (let i = 0; i < share(160, 50); i++) {
      const random = makeRandom(SEED + i);
      const pick = <Value>(values: readonly Value[]): Value => values[Math.floor(random() * values.length)]!;
      const jurisdiction = pick(JURISDICTIONS);
      const packs = { ...RULE_PACKS[jurisdiction], 'trap-needed': { option: 'model-list' } } as const;
      const legs = pick(SHAPES);
      let doc: RunDoc = makeRun(legs, pick(['1/2', '3/4', '1'] as const), packs);
      if (random() < 0.5) doc = withParts(doc, [[1, 'valve', 0.3]]);
      for (let tag = 1; tag <= legs.length; tag++)
        if (random() < 0.6)
          doc = applyPlan(
            doc,
            mustBe(
              planSayZone(
                doc,
                [getLeg(doc, tag).id],
                random() < 0.4 ? pick(['indoors', 'outdoors'] as const) : pick(ZONES),
              ),
            ),
          );
      const wall = planPutPassage(
        doc,
        getLeg(doc, pick([1, 2])).id,
        { kind: pick(['floor', 'wall'] as const), share: random(), guard: 'sleeve' },
        newId,
      );
      if (wall.ok && random() < 0.4) doc = applyPlan(doc, wall.value);
      const before = layOut(doc);
      const site = { gas: 'natural', jurisdiction } as const;
      const drop = listDrops(before)[0]!;
      const plan = drop.trap ? planPutRight : planBuildTrap;
      const planned = plan(before, drop.node.id, NO_WISH, newId, site);
      if (!planned.ok) {
        met.refused++;
        if (
          planned.refusal.code === 'trap-stopped' ||
          (planned.refusal.code === 'trap-still-wrong' && planned.refusal.verdict === 'out-of-reach')
        )
          met.stopped++;
        continue;
      }
      met.built++;
      const { after, change } = planned.value;
      const name = `seed ${SEED + i}, ${jurisdiction}`;
      // Each stop by what it is about, with its place; marks and lengths may have changed.
      const stops = (layout: typeof before) =>
        checkRun(layout, site)
          .filter(({ severity }) => severity === 'stop')
          .map((stop) =>
            stop.code === 'place'
              ? `${stop.zone} ${JSON.stringify(stop.what)}`
              : stop.code === 'trap'
                ? stop.finding.code
                : stop.code,
          );
      const were = new Set(stops(before));
      for (const stop of stops(after)) expect(were.has(stop), `${name}: ${stop}`).to.equal(true);
      expect(judgeDrop(listDrops(after)[0]!).headline.severity, name).not.to.equal('stop');
      for (const { op, ...rest } of change.ops)
        if (op === 'insert' && rest.in === 'parts') {
          const { leg } = (rest as unknown as { value: { leg: string } }).value;
          const zone = after.doc.zones[leg]?.zone;
          expect(zone === undefined || !isOutOfReach(zone), name).to.equal(true);
        }
      // What is new runs where what it was built into does.
      const own = drop.path.map(({ id }) => doc.zones[id]?.zone ?? null);
      for (const id of Object.keys(after.doc.legs).filter((leg) => !doc.legs[leg]))
        expect(own, name).to.include(after.doc.zones[id]?.zone ?? null);
      if (own.some((zone) => zone !== null && isOutOfReach(zone))) met.hidden++;
    }
    expect(Math.min(met.built, met.refused), JSON.stringify(met)).to.be.greaterThan(share(30, 10));
    expect(Math.min(met.hidden, met.stopped), JSON.stringify(met)).to.be.greaterThan(share(5, 1));
  });

  it('at the corner of any drop, not only of its last two legs, with the fewest new parts', () => {
    const doc = makeRun([
      [0, 'right', 30],
      [1, 'down', 60],
      [2, 'right', 20],
      [3, 'back', 20],
      [4, 'right', 15, { terminal: kiln() }],
    ]);
    const layout = layOut(doc);
    const planned = mustBe(planBuildTrap(layout, listDrops(layout)[0]!.node.id, NO_WISH, makeIds('corner')));
    expect(planned.shape).to.equal('side-inlet');
    // The nipple is the only new leg.
    expect(Object.keys(planned.after.doc.legs)).to.have.length(Object.keys(doc.legs).length + 1);
  });

  it('a union before the valve goes behind it, a second valve after the trap before it', () => {
    const legs: readonly TestLeg[] = [
      [0, 'right', 60],
      [1, 'down', 60],
      [2, 'right', 16, { terminal: kiln() }],
      [2, 'down', 5.155, { cap: true }],
    ];
    for (const [name, parts] of [
      [
        'union first',
        [
          [2, 'union', 0.2],
          [2, 'valve', 0.6],
        ],
      ],
      ['valve after', [[3, 'valve', 0.5]]],
      [
        'a second one after',
        [
          [2, 'valve', 0.4],
          [2, 'union', 0.7],
          [3, 'valve', 0.5],
        ],
      ],
    ] as const) {
      const doc = withParts(makeRun(legs), parts);
      const layout = layOut(doc);
      const drop = listDrops(layout)[0]!;
      expect(judgeDrop(drop).headline.severity, name).to.equal('stop');
      const planned = mustBe(planPutRight(layout, drop.node.id, NO_WISH, makeIds('order')));
      const right = listDrops(planned.after)[0]!;
      expect(judgeDrop(right).headline.finding.code, name).to.equal('works');
      const order = right.passed.map(({ kind }) => kind).filter((kind) => kind !== 'node');
      expect(order, name).to.deep.equal(['valve', 'union']);
    }
  });
});
