import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { applyOps, NO_FACTS } from '#core/runs/changes';
import { checkRun } from '#core/checks';
import { planChangeMeasure, planAddLeg, planPutPart } from '#core/runs/commands';
import { getPieces, layOutRun } from '#core/runs/layout';
import type { RunDoc } from '#core/runs/document';
import { INCH } from '#core/units';
import { makeIds, newLeg } from '#support/make-run.ts';
import { makeMixedRun, makeRandom, makeRandomRun } from '#support/random-run.ts';

const SEED = 20_261;
const ROUNDS = 41;

/** Edits the first leg, lays the whole run out from nothing, reads every piece: milliseconds, and a sum to keep it honest. */
function editAndLayOut(doc: RunDoc, round: number): { ms: number; sum: number } {
  const began = performance.now();
  const planned = planChangeMeasure(
    doc,
    'leg000001',
    (100 + round) * INCH,
    `${100 + round}`,
    () => 'unused0000',
  );
  if (!planned.ok) throw new Error('the first leg is gone');
  const edited = applyOps(doc, planned.value.ops);
  if (!edited.ok) throw new Error('the edit does not fit');
  const layout = layOutRun(edited.value, standardCatalogue, resolveRules({}), NO_FACTS);
  let sum = 0;
  for (const piece of getPieces(layout)) sum += piece.cut?.onTape.length ?? 0;
  return { ms: performance.now() - began, sum };
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;

/** Median over rounds, each on a document of its own (nothing is remembered from the round before). */
function measure(legs: number, make = makeRandomRun): { median: number; first: number; checks: number } {
  const times: number[] = [];
  const checks: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const doc = make(legs, SEED + round);
    // What making the document left behind is not charged to laying it out.
    globalThis.gc?.();
    times.push(editAndLayOut(doc, round).ms);
    const layout = layOutRun(doc, standardCatalogue, resolveRules({}), NO_FACTS);
    const began = performance.now();
    checkRun(layout);
    checks.push(performance.now() - began);
  }
  return { median: median(times), first: times[0]!, checks: median(checks) };
}

console.log(
  `layout: seed ${SEED}, ${ROUNDS} rounds, one leg in five a branch, first leg edited, every piece read`,
);
// Before the large ones: what they leave behind is not charged to these.
const mixedAt = new Map([1_000, 3_000].map((legs) => [legs, measure(legs, makeMixedRun)]));
const points: [legs: number, ms: number][] = [];
for (const legs of [1_000, 100, 300, 3_000, 10_000]) {
  const { median: ms, first, checks } = measure(legs);
  points.push([legs, ms]);
  console.log(
    `  ${String(legs).padStart(6)} legs: median ${ms.toFixed(2)} ms, very first ${first.toFixed(2)} ms, all checks ${checks.toFixed(2)} ms`,
  );
}
const at = (legs: number) => points.find(([n]) => n === legs)![1];
const slope = (() => {
  const logs = points.map(([n, ms]) => [Math.log(n), Math.log(ms)] as const);
  const mean = (k: 0 | 1) => logs.reduce((sum, point) => sum + point[k], 0) / logs.length;
  const [x, y] = [mean(0), mean(1)];
  const over = logs.reduce((sum, [a, b]) => sum + (a - x) * (b - y), 0);
  return over / logs.reduce((sum, [a]) => sum + (a - x) ** 2, 0);
})();
console.log(`  exponent of growth from 100 to 10,000 legs: ${slope.toFixed(3)} (at most 1.1 is wanted)`);
console.log(`  1,000 legs: ${at(1_000).toFixed(2)} ms (under 16 ms is wanted)`);
for (const [legs, { median: ms, checks }] of mixedAt) {
  console.log(
    `  ${String(legs).padStart(6)} legs, a third of tube: median ${ms.toFixed(2)} ms, all checks ${checks.toFixed(2)} ms`,
  );
}
if (at(1_000) >= 16 || slope > 1.1 || mixedAt.get(1_000)!.median >= 16) process.exitCode = 1;

/** One edit as a screen makes it: planned, applied, laid out with what it did not touch taken over, checked. Milliseconds. */
function editMany(legs: number, edits: number, make = makeRandomRun): number[] {
  const random = makeRandom(SEED);
  const newId = makeIds('bench');
  const rules = resolveRules({});
  let doc = make(legs, SEED);
  let layout = layOutRun(doc, standardCatalogue, rules, NO_FACTS);
  checkRun(layout);
  const pickLeg = () => `leg${String(1 + Math.floor(random() * legs)).padStart(6, '0')}`;
  const times: number[] = [];
  for (let edit = 0; times.length < edits; edit++) {
    const dice = random();
    const ends = dice < 0.5 ? [] : [...layout.nodes.values()].filter((each) => each.legs.length === 1);
    const end = ends[Math.floor(random() * ends.length)];
    const began = performance.now();
    const length = (50 + edit) * INCH;
    const planned =
      dice < 0.15
        ? planChangeMeasure(doc, 'leg000001', length, 't', newId)
        : dice < 0.5
          ? planChangeMeasure(doc, pickLeg(), length, 't', newId)
          : end && dice < 0.85
            ? planAddLeg(doc, { ...newLeg(end.id, 'up', 12), geometry: end.legs[0]!.geometry }, newId)
            : planPutPart(doc, pickLeg(), 'union', { share: 0.5 }, newId);
    if (!planned.ok) continue;
    const applied = applyOps(doc, planned.value.ops);
    if (!applied.ok) continue;
    doc = applied.value;
    layout = layOutRun(doc, standardCatalogue, rules, NO_FACTS, layout);
    checkRun(layout);
    times.push(performance.now() - began);
  }
  return times.sort((a, b) => a - b);
}

const EDITS = 200;
console.log(`edits: plan, apply, lay out and check, ${EDITS} commands, the first leg's measure among them`);
for (const [legs, wanted] of [
  [3_000, 16],
  [10_000, 50],
] as const) {
  const times = editMany(legs, EDITS);
  const [half, most] = [times[EDITS / 2]!, times[Math.floor(EDITS * 0.95)]!];
  console.log(
    `  ${String(legs).padStart(6)} legs: median ${half.toFixed(1)} ms, p95 ${most.toFixed(1)} ms (at most ${wanted} is wanted)`,
  );
  if (most > wanted) process.exitCode = 1;
}
const mixed = editMany(1_000, EDITS, makeMixedRun);
const steel = editMany(1_000, EDITS);
console.log(
  `  1,000 legs: p95 ${steel[Math.floor(EDITS * 0.95)]!.toFixed(1)} ms, a third of tube ${mixed[Math.floor(EDITS * 0.95)]!.toFixed(1)} ms`,
);
