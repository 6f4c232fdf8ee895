import type { Finding } from '../finding.ts';
import type { RunLayout } from '../layout.ts';
import { checkCatalogueIsCurrent } from './catalogue-is-current.ts';
import { checkClockingsPointRight } from './clockings-point-right.ts';
import { checkCutPiecesHaveAPlace } from './cut-pieces-have-a-place.ts';
import { checkEndsAreClosed } from './ends-are-closed.ts';
import { checkFiguresAreKnown } from './figures-are-known.ts';
import { checkFittingsExist } from './fittings-exist.ts';
import { checkJointsMake } from './joints-make.ts';
import { checkLegsDoNotCross } from './legs-do-not-cross.ts';
import { checkLoopsClose } from './loops-close.ts';
import { checkMeasuresAgree } from './measures-agree.ts';
import { checkPartsHaveAPlace } from './parts-have-a-place.ts';
import { checkPiecesCanBeMade } from './pieces-can-be-made.ts';
import { checkRunHasRoom } from './run-has-room.ts';
import { checkTurnsAreUsual } from './turns-are-usual.ts';

/** Every check of a run, in the order in which their findings are shown. */
export const CHECKS: readonly ((layout: RunLayout) => Finding[])[] = [
  checkMeasuresAgree,
  checkFittingsExist,
  checkJointsMake,
  checkPiecesCanBeMade,
  checkLoopsClose,
  checkFiguresAreKnown,
  checkCutPiecesHaveAPlace,
  checkTurnsAreUsual,
  checkClockingsPointRight,
  checkPartsHaveAPlace,
  checkLegsDoNotCross,
  checkEndsAreClosed,
  checkCatalogueIsCurrent,
  checkRunHasRoom,
];

/** What all checks have to say of a layout; stops first, then what to ask, then notes. */
export function checkRun(layout: RunLayout): Finding[] {
  const order = { stop: 0, ask: 1, note: 2 } as const;
  return CHECKS.flatMap((check) => check(layout)).sort((a, b) => order[a.severity] - order[b.severity]);
}
