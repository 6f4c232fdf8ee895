export { checkRun } from './checks.ts';
export type { Finding, FindingCode, NamedMeasure, Placeable } from './finding.ts';
export { checkLegsDoNotCross } from './legs-do-not-cross.ts';
export { getPlacedId, listPlaced } from './legs-may-run.ts';
export { judgePassages } from './passages-are-guarded.ts';
export { findForbidden } from './pieces-can-be-made.ts';
export type { Site } from './site.ts';
export { type NextStep, type RunStanding, findNextStep, getStanding } from './standing.ts';
export { findUndone } from './undone.ts';
