import { checkAppliancesAreKnown } from '../src/lib/core/checks/appliances-are-known.ts';
import { checkLegsMayRun } from '../src/lib/core/checks/legs-may-run.ts';
import { checkPassagesAreGuarded } from '../src/lib/core/checks/passages-are-guarded.ts';
import { checkPipeInTheGround } from '../src/lib/core/checks/pipe-in-the-ground.ts';
import { checkMetalIsBonded } from '../src/lib/core/checks/metal-is-bonded.ts';
import { checkMeasuresAgree } from '../src/lib/core/checks/measures-agree.ts';
import { checkFittingsExist } from '../src/lib/core/checks/fittings-exist.ts';
import { checkJointsMake } from '../src/lib/core/checks/joints-make.ts';
import { checkGasFlowsOneWay } from '../src/lib/core/checks/gas-flows-one-way.ts';
import { checkDropsHaveTraps } from '../src/lib/core/checks/drops-have-traps.ts';
import { checkAppliancesAreMet } from '../src/lib/core/checks/appliances-are-met.ts';
import { checkConnectorsAreRight } from '../src/lib/core/checks/connectors-are-right.ts';
import { checkPiecesCanBeMade } from '../src/lib/core/checks/pieces-can-be-made.ts';
import { checkTubesCanBeBent } from '../src/lib/core/checks/tubes-can-be-bent.ts';
import { checkLoopsClose } from '../src/lib/core/checks/loops-close.ts';
import { checkFiguresAreKnown } from '../src/lib/core/checks/figures-are-known.ts';
import { checkCutPiecesHaveAPlace } from '../src/lib/core/checks/cut-pieces-have-a-place.ts';
import { checkTurnsAreUsual } from '../src/lib/core/checks/turns-are-usual.ts';
import { checkClockingsPointRight } from '../src/lib/core/checks/clockings-point-right.ts';
import { checkPartsHaveAPlace } from '../src/lib/core/checks/parts-have-a-place.ts';
import { checkPartsAreDated } from '../src/lib/core/checks/parts-are-dated.ts';
import { checkLegsDoNotCross } from '../src/lib/core/checks/legs-do-not-cross.ts';
import { checkLowPointsHaveDrips } from '../src/lib/core/checks/low-points-have-drips.ts';
import { checkTubingIsProtected } from '../src/lib/core/checks/tubing-is-protected.ts';
import { checkEndsAreClosed } from '../src/lib/core/checks/ends-are-closed.ts';
import { checkCatalogueIsCurrent } from '../src/lib/core/checks/catalogue-is-current.ts';
import { checkRunHasRoom } from '../src/lib/core/checks/run-has-room.ts';
import { standardCatalogue } from '#core/catalogue';
import { resolveRules } from '#core/house-rules';
import { NO_FACTS, applyOps } from '#core/runs/changes';
import { planChangeMeasure, planAddLeg } from '#core/runs/commands';
import { layOutRun, assemble } from '#core/runs/layout';
import { traceFlow } from '#core/flow';
import { getLegsByNode } from '#core/runs/document';
import { makeMixedRun, makeRandomRun } from '#support/random-run.ts';
import { newLeg, makeIds } from '#support/make-run.ts';
const N = Number(process.argv[2] ?? 3000);
const site = { gas: 'natural', jurisdiction: 'us-model' } as const;
const rules = resolveRules({});
const total = new Map<string, number>();
const add = (k: string, f: () => unknown, keep: boolean) => {
  const t = performance.now();
  const v = f();
  if (keep) total.set(k, (total.get(k) ?? 0) + performance.now() - t);
  return v;
};
const R = 12;
for (let r = 0; r < R + 3; r++) {
  const k = r >= 3;
  const doc = makeMixedRun(N, 20277 + r);
  let layout = add('layout', () => layOutRun(doc, standardCatalogue, rules, NO_FACTS), k) as any;
  for (const [n, f] of [
    ['checkAppliancesAreKnown', checkAppliancesAreKnown],
    ['checkLegsMayRun', checkLegsMayRun],
    ['checkPassagesAreGuarded', checkPassagesAreGuarded],
    ['checkPipeInTheGround', checkPipeInTheGround],
    ['checkMetalIsBonded', checkMetalIsBonded],
    ['checkMeasuresAgree', checkMeasuresAgree],
    ['checkFittingsExist', checkFittingsExist],
    ['checkJointsMake', checkJointsMake],
    ['checkGasFlowsOneWay', checkGasFlowsOneWay],
    ['checkDropsHaveTraps', checkDropsHaveTraps],
    ['checkAppliancesAreMet', checkAppliancesAreMet],
    ['checkConnectorsAreRight', checkConnectorsAreRight],
    ['checkPiecesCanBeMade', checkPiecesCanBeMade],
    ['checkTubesCanBeBent', checkTubesCanBeBent],
    ['checkLoopsClose', checkLoopsClose],
    ['checkFiguresAreKnown', checkFiguresAreKnown],
    ['checkCutPiecesHaveAPlace', checkCutPiecesHaveAPlace],
    ['checkTurnsAreUsual', checkTurnsAreUsual],
    ['checkClockingsPointRight', checkClockingsPointRight],
    ['checkPartsHaveAPlace', checkPartsHaveAPlace],
    ['checkPartsAreDated', checkPartsAreDated],
    ['checkLegsDoNotCross', checkLegsDoNotCross],
    ['checkLowPointsHaveDrips', checkLowPointsHaveDrips],
    ['checkTubingIsProtected', checkTubingIsProtected],
    ['checkEndsAreClosed', checkEndsAreClosed],
    ['checkCatalogueIsCurrent', checkCatalogueIsCurrent],
    ['checkRunHasRoom', checkRunHasRoom],
  ] as any)
    f(layout, site);
  assemble(layout);
  traceFlow(layout);
  const end = [...layout.nodes.values()].filter((e: any) => e.legs.length === 1).at(-1) as any;
  for (const [what, plan] of [
    ['M', planChangeMeasure(doc, 'leg000001', 2540000000 + r * 25400000, 't', makeIds('x'))],
    ['A', planAddLeg(doc, { ...newLeg(end.id, 'up', 12), geometry: end.legs[0].geometry }, makeIds('y' + r))],
  ] as any) {
    const applied = add(what + ' apply', () => applyOps(doc, plan.value.ops), k) as any;
    add(what + ' legsByNode', () => getLegsByNode(applied.value), k);
    const next = add(
      what + ' relayout',
      () => layOutRun(applied.value, standardCatalogue, rules, NO_FACTS, layout),
      k,
    ) as any;
    add(what + ' assemble', () => assemble(next), k);
    add(what + ' flow', () => traceFlow(next), k);
    for (const [n, f] of [
      ['checkAppliancesAreKnown', checkAppliancesAreKnown],
      ['checkLegsMayRun', checkLegsMayRun],
      ['checkPassagesAreGuarded', checkPassagesAreGuarded],
      ['checkPipeInTheGround', checkPipeInTheGround],
      ['checkMetalIsBonded', checkMetalIsBonded],
      ['checkMeasuresAgree', checkMeasuresAgree],
      ['checkFittingsExist', checkFittingsExist],
      ['checkJointsMake', checkJointsMake],
      ['checkGasFlowsOneWay', checkGasFlowsOneWay],
      ['checkDropsHaveTraps', checkDropsHaveTraps],
      ['checkAppliancesAreMet', checkAppliancesAreMet],
      ['checkConnectorsAreRight', checkConnectorsAreRight],
      ['checkPiecesCanBeMade', checkPiecesCanBeMade],
      ['checkTubesCanBeBent', checkTubesCanBeBent],
      ['checkLoopsClose', checkLoopsClose],
      ['checkFiguresAreKnown', checkFiguresAreKnown],
      ['checkCutPiecesHaveAPlace', checkCutPiecesHaveAPlace],
      ['checkTurnsAreUsual', checkTurnsAreUsual],
      ['checkClockingsPointRight', checkClockingsPointRight],
      ['checkPartsHaveAPlace', checkPartsHaveAPlace],
      ['checkPartsAreDated', checkPartsAreDated],
      ['checkLegsDoNotCross', checkLegsDoNotCross],
      ['checkLowPointsHaveDrips', checkLowPointsHaveDrips],
      ['checkTubingIsProtected', checkTubingIsProtected],
      ['checkEndsAreClosed', checkEndsAreClosed],
      ['checkCatalogueIsCurrent', checkCatalogueIsCurrent],
      ['checkRunHasRoom', checkRunHasRoom],
    ] as any)
      add(what + ' ' + n, () => f(next, site), k);
  }
}
for (const w of ['layout', 'M', 'A']) {
  let sum = 0;
  for (const [k, v] of [...total].filter(([k]) => k.startsWith(w)).sort((a, b) => b[1] - a[1])) {
    sum += v / R;
    if (v / R > 0.15) console.log(k.padEnd(32), (v / R).toFixed(2));
  }
  console.log('   sum', sum.toFixed(2));
}
