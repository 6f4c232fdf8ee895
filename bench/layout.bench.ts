import { standardCatalogue } from '#core/catalogue/standard-catalogue.ts';
import { resolveRules } from '#core/house-rules/house-rules.ts';
import { applyOps } from '#core/runs/change.ts';
import { checkRun } from '#core/runs/checks/checks.ts';
import { planChangeMeasure } from '#core/runs/commands/change-measure.ts';
import { NO_FACTS } from '#core/runs/fold-events.ts';
import { getPieces, layOutRun } from '#core/runs/lay-out-run.ts';
import type { RunDoc } from '#core/runs/run.ts';
import { INCH } from '#core/units/length.ts';
import { makeRandomRun } from '../tests/support/random-run.ts';

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
function measure(legs: number): { median: number; first: number; checks: number } {
  const times: number[] = [];
  const checks: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const doc = makeRandomRun(legs, SEED + round);
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
if (at(1_000) >= 16 || slope > 1.1) process.exitCode = 1;
