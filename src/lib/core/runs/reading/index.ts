export { type LegField, type LegFigures, type RunDifference, compareRuns } from './compare-runs.ts';
export { listDistinctEnds } from './distinct-ends.ts';
export { type OpeningToJoin, findOpening, findOpeningAt } from './find-opening.ts';
export { type TurnedWith, findTurned } from './find-turned.ts';
export { findOnward, findSizeAt, findTakenWays, findTip } from './growing-point.ts';
export { isSameSheet } from './is-same-sheet.ts';
export { type NamedRef, findArriving, nameRef } from './name-ref.ts';
export { type Pointing, findPointing } from './pointing.ts';
export { findTubeEnd } from './tube-end.ts';
