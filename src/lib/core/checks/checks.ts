import type { Finding } from './finding.ts';
import { findDisplaced, type RunLayout } from '#core/runs/layout';
import { NO_SITE, type Site } from './site.ts';
import { checkAppliancesAreKnown } from './appliances-are-known.ts';
import { checkAppliancesAreMet } from './appliances-are-met.ts';
import { checkMetalIsBonded } from './metal-is-bonded.ts';
import { checkConnectorsAreRight } from './connectors-are-right.ts';
import { checkDropsHaveTraps } from './drops-have-traps.ts';
import { checkGasFlowsOneWay } from './gas-flows-one-way.ts';
import { checkLowPointsHaveDrips } from './low-points-have-drips.ts';
import { checkCatalogueIsCurrent } from './catalogue-is-current.ts';
import { checkClockingsPointRight } from './clockings-point-right.ts';
import { checkCutPiecesHaveAPlace } from './cut-pieces-have-a-place.ts';
import { checkEndsAreClosed } from './ends-are-closed.ts';
import { checkFiguresAreKnown } from './figures-are-known.ts';
import { checkFittingsExist } from './fittings-exist.ts';
import { checkJointsMake } from './joints-make.ts';
import { checkLegsMayRun } from './legs-may-run.ts';
import { checkLegsDoNotCross } from './legs-do-not-cross.ts';
import { checkLoopsClose } from './loops-close.ts';
import { checkMeasuresAgree } from './measures-agree.ts';
import { checkPartsAreDated } from './parts-are-dated.ts';
import { checkPartsHaveAPlace } from './parts-have-a-place.ts';
import { checkPiecesCanBeMade } from './pieces-can-be-made.ts';
import { checkRunHasRoom } from './run-has-room.ts';
import { checkTubesCanBeBent } from './tubes-can-be-bent.ts';
import { checkTubingIsProtected } from './tubing-is-protected.ts';
import { checkPassagesAreGuarded } from './passages-are-guarded.ts';
import { checkPipeInTheGround } from './pipe-in-the-ground.ts';
import { checkTurnsAreUsual } from './turns-are-usual.ts';

/** What a check makes of a layout, in a job or in none. */
type Check = (layout: RunLayout, site: Site) => Finding[];

/**
 * Every check of a run, in the order in which their findings are shown. What rests on its bodies alone (what stands where and is made
 * up in what, not how long it is) is found again only where these have changed.
 */
const CHECKS: readonly { readonly check: Check; readonly restsOn: 'bodies' | 'all' }[] = [
  { check: checkAppliancesAreKnown, restsOn: 'all' },
  { check: checkLegsMayRun, restsOn: 'all' },
  { check: checkPassagesAreGuarded, restsOn: 'all' },
  { check: checkPipeInTheGround, restsOn: 'all' },
  { check: checkMetalIsBonded, restsOn: 'bodies' },
  { check: checkMeasuresAgree, restsOn: 'all' },
  { check: checkFittingsExist, restsOn: 'bodies' },
  { check: checkJointsMake, restsOn: 'bodies' },
  { check: checkGasFlowsOneWay, restsOn: 'all' },
  { check: checkDropsHaveTraps, restsOn: 'all' },
  { check: checkAppliancesAreMet, restsOn: 'all' },
  { check: checkConnectorsAreRight, restsOn: 'bodies' },
  { check: checkPiecesCanBeMade, restsOn: 'all' },
  { check: checkTubesCanBeBent, restsOn: 'all' },
  { check: checkLoopsClose, restsOn: 'all' },
  { check: checkFiguresAreKnown, restsOn: 'bodies' },
  { check: checkCutPiecesHaveAPlace, restsOn: 'bodies' },
  { check: checkTurnsAreUsual, restsOn: 'bodies' },
  { check: checkClockingsPointRight, restsOn: 'all' },
  { check: checkPartsHaveAPlace, restsOn: 'all' },
  { check: checkPartsAreDated, restsOn: 'all' },
  { check: checkLegsDoNotCross, restsOn: 'all' },
  { check: checkLowPointsHaveDrips, restsOn: 'all' },
  { check: checkTubingIsProtected, restsOn: 'bodies' },
  { check: checkEndsAreClosed, restsOn: 'bodies' },
  { check: checkCatalogueIsCurrent, restsOn: 'all' },
  { check: checkRunHasRoom, restsOn: 'all' },
];

/** Layout → what each check had to say, in which job. */
const known = new WeakMap<
  RunLayout,
  { readonly site: Site; readonly found: readonly (readonly Finding[])[] }
>();

/** What all checks have to say of a layout, in a job (or in none); stops first, then what to ask, then notes. */
export function checkRun(layout: RunLayout, site: Site | null = null): Finding[] {
  const at = site ?? NO_SITE;
  const since = findDisplaced(layout);
  const kept = since?.isSameBodies ? known.get(since.before) : undefined;
  const before =
    kept && kept.site.gas === at.gas && kept.site.jurisdiction === at.jurisdiction ? kept.found : null;
  const found = CHECKS.map(({ check, restsOn }, i) =>
    before && restsOn === 'bodies' ? before[i]! : check(layout, at),
  );
  known.set(layout, { site: at, found });
  const order = { stop: 0, ask: 1, note: 2 } as const;
  return found.flat().sort((a, b) => order[a.severity] - order[b.severity]);
}
