import { standardCatalogue } from '#core/catalogue';
import { checkRun } from '#core/checks';
import { resolveRules } from '#core/house-rules';
import type { Result } from '#core/outcome';
import { applyOps, NO_FACTS, type PlannedChange } from '#core/runs/changes';
import {
  planAddLeg,
  planChangeMeasure,
  planPickTransition,
  planPutPart,
  planPutPassage,
  planResizeLegs,
  planSayZone,
  planTakeOutTransition,
} from '#core/runs/commands';
import type { RunDoc } from '#core/runs/document';
import { layOutRun, type RunLayout } from '#core/runs/layout';
import { findOpening } from '#core/runs/reading';
import { INCH } from '#core/units';
import { makeIds, newLeg } from '#support/make-run.ts';
import { makeMixedRun, makeRandom, makeRandomRun } from '#support/random-run.ts';

/** One edit as a screen makes it: planned, applied, laid out with what it did not touch taken over, checked. */
const SEED = 20_277;
const EDITS = 200;
const SITE = { gas: 'natural', jurisdiction: 'us-model' } as const;

type Plan = (doc: RunDoc, layout: RunLayout, random: () => number) => PlannedChange | null;
const newId = makeIds('bench');
const taken = (result: Result<PlannedChange, unknown>): PlannedChange | null =>
  result.ok ? result.value : null;
const pickOf = <Value>(values: readonly Value[], random: () => number): Value | undefined =>
  values[Math.floor(random() * values.length)];
const pickLeg = (doc: RunDoc, random: () => number): string => pickOf(Object.keys(doc.legs), random)!;
const pickEnd = (layout: RunLayout, random: () => number) =>
  pickOf(
    [...layout.nodes.values()].filter((each) => each.legs.length === 1),
    random,
  );

/** What is done, by kind, as often as it stands here. */
const PLANS: readonly (readonly [kind: string, plan: Plan])[] = [
  [
    'first leg measured',
    (doc, _, random) =>
      taken(planChangeMeasure(doc, 'leg000001', Math.round(50 + 100 * random()) * INCH, 't', newId)),
  ],
  [
    'a leg measured',
    (doc, _, random) =>
      taken(planChangeMeasure(doc, pickLeg(doc, random), Math.round(20 + 90 * random()) * INCH, 't', newId)),
  ],
  [
    'a leg measured',
    (doc, _, random) =>
      taken(planChangeMeasure(doc, pickLeg(doc, random), Math.round(20 + 90 * random()) * INCH, 't', newId)),
  ],
  [
    'a leg added',
    (doc, layout, random) => {
      const end = pickEnd(layout, random);
      const geometry = end?.legs[0]?.geometry;
      return end && geometry
        ? taken(planAddLeg(doc, { ...newLeg(end.id, 'up', 12), geometry }, newId))
        : null;
    },
  ],
  [
    'tube added',
    (doc, layout, random) => {
      const end = pickEnd(layout, random);
      const tube = { material: 'csst', size: '1/2' } as const;
      return end
        ? taken(planAddLeg(doc, { ...newLeg(end.id, random() < 0.5 ? 'up' : 'left', 30), ...tube }, newId))
        : null;
    },
  ],
  [
    'a union put in',
    (doc, _, random) => taken(planPutPart(doc, pickLeg(doc, random), 'union', { share: 0.5 }, newId)),
  ],
  [
    'a floor passed',
    (doc, _, random) =>
      taken(planPutPassage(doc, pickLeg(doc, random), { kind: 'floor', share: 0.4, guard: null }, newId)),
  ],
  ['a place said', (doc, _, random) => taken(planSayZone(doc, [pickLeg(doc, random)], 'indoors'))],
  ['a leg made smaller', (doc, _, random) => planResizeLegs(doc, pickLeg(doc, random), { size: '1' })],
  [
    'a transition picked',
    (doc, layout, random) => {
      const laid = layout.legs.get(pickLeg(doc, random));
      const opening = laid && findOpening(layout, laid.far, laid.id);
      if (!opening) return null;
      const parts = ['counter/nipple/3-4', 'malleable-150/coupling/3/4'];
      const picked = { ...opening, forEnds: opening.ends, parts, agreed: [] };
      return taken(planPickTransition(doc, picked, [], standardCatalogue, newId));
    },
  ],
  [
    'a transition taken out',
    (doc, _, random) => {
      const one = pickOf(Object.keys(doc.picks), random);
      return one && random() < 0.3 ? taken(planTakeOutTransition(doc, one)) : null;
    },
  ],
];

/** Milliseconds of each edit, with its kind. */
function editMany(legs: number, make: typeof makeRandomRun): { kind: string; ms: number }[] {
  const random = makeRandom(SEED);
  const rules = resolveRules({});
  let doc = make(legs, SEED);
  let layout = layOutRun(doc, standardCatalogue, rules, NO_FACTS);
  checkRun(layout, SITE);
  const times: { kind: string; ms: number }[] = [];
  while (times.length < EDITS) {
    const [kind, plan] = pickOf(PLANS, random)!;
    // What is picked to be edited is the hand's: it is not timed. Planning is done once for that and once for the clock.
    const state = Math.floor(random() * 2 ** 32);
    if (!plan(doc, layout, makeRandom(state))) continue;
    const planned = plan(doc, layout, makeRandom(state))!;
    const began = performance.now();
    const applied = applyOps(doc, planned.ops);
    if (!applied.ok) continue;
    const next = layOutRun(applied.value, standardCatalogue, rules, NO_FACTS, layout);
    checkRun(next, SITE);
    times.push({ kind, ms: performance.now() - began });
    [doc, layout] = [applied.value, next];
  }
  return times;
}

const at = (times: readonly { ms: number }[], share: number): number =>
  times.map(({ ms }) => ms).sort((a, b) => a - b)[
    Math.min(times.length - 1, Math.floor(times.length * share))
  ]!;

console.log(
  `edits: seed ${SEED}, ${EDITS} random commands of ${new Set(PLANS.map(([kind]) => kind)).size} kinds, applied, laid out, checked`,
);
for (const [legs, make, what, wanted] of [
  [1_000, makeRandomRun, 'steel', 8],
  [1_000, makeMixedRun, 'a third of tube', 8],
  [3_000, makeMixedRun, 'a third of tube', 16],
  [10_000, makeMixedRun, 'a third of tube', 50],
] as const) {
  const times = editMany(legs, make);
  const most = at(times, 0.95);
  console.log(
    `  ${String(legs).padStart(6)} legs, ${what}: median ${at(times, 0.5).toFixed(1)} ms, p95 ${most.toFixed(1)} ms (at most ${wanted} is wanted)`,
  );
  for (const kind of new Set(times.map((each) => each.kind))) {
    const own = times.filter((each) => each.kind === kind);
    console.log(
      `         ${kind.padEnd(24)} ${String(own.length).padStart(3)} times, median ${at(own, 0.5).toFixed(1)}, most ${at(own, 1).toFixed(1)}`,
    );
  }
  if (most > wanted) process.exitCode = 1;
}
