import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { NO_FACTS } from '#core/runs/changes';
import { layOutRun } from '#core/runs/layout';
import { makeMixedRun } from '#support/random-run.ts';
const N = Number(process.argv[2] ?? 3000);
const names = [
  'appliances-are-known:checkAppliancesAreKnown',
  'legs-may-run:checkLegsMayRun',
  'passages-are-guarded:checkPassagesAreGuarded',
  'pipe-in-the-ground:checkPipeInTheGround',
  'metal-is-bonded:checkMetalIsBonded',
  'measures-agree:checkMeasuresAgree',
  'fittings-exist:checkFittingsExist',
  'joints-make:checkJointsMake',
  'gas-flows-one-way:checkGasFlowsOneWay',
  'drops-have-traps:checkDropsHaveTraps',
  'appliances-are-met:checkAppliancesAreMet',
  'connectors-are-right:checkConnectorsAreRight',
  'pieces-can-be-made:checkPiecesCanBeMade',
  'tubes-can-be-bent:checkTubesCanBeBent',
  'loops-close:checkLoopsClose',
  'figures-are-known:checkFiguresAreKnown',
  'cut-pieces-have-a-place:checkCutPiecesHaveAPlace',
  'turns-are-usual:checkTurnsAreUsual',
  'clockings-point-right:checkClockingsPointRight',
  'parts-have-a-place:checkPartsHaveAPlace',
  'parts-are-dated:checkPartsAreDated',
  'legs-do-not-cross:checkLegsDoNotCross',
  'low-points-have-drips:checkLowPointsHaveDrips',
  'tubing-is-protected:checkTubingIsProtected',
  'ends-are-closed:checkEndsAreClosed',
  'catalogue-is-current:checkCatalogueIsCurrent',
  'run-has-room:checkRunHasRoom',
];
const site = { gas: 'natural', jurisdiction: 'us-model' } as const;
const rules = resolveRules({});
const total = new Map<string, number>();
for (let r = 0; r < 4; r++) {
  const doc = makeMixedRun(N, 20277 + r);
  let t = performance.now();
  const layout = layOutRun(doc, standardCatalogue, rules, NO_FACTS);
  if (r) total.set('layout', (total.get('layout') ?? 0) + performance.now() - t);
  for (const each of names) {
    const [file, fn] = each.split(':');
    const mod = await import(`../src/lib/core/checks/${file}.ts`);
    t = performance.now();
    mod[fn!](layout, site);
    if (r) total.set(fn!, (total.get(fn!) ?? 0) + performance.now() - t);
  }
}
for (const [k, v] of [...total].sort((a, b) => b[1] - a[1]).slice(0, 16))
  console.log(k.padEnd(30), (v / 3).toFixed(2));
