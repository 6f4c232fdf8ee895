export {
  type Body,
  type LaidJoint,
  assemble,
  findJoint,
  findMadeUp,
  judgePorts,
  listJointsOf,
} from './bodies.ts';
export { findDisplaced } from './displaced.ts';
export {
  findEnd,
  findPiece,
  findPiecesThrough,
  getEnds,
  getPieces,
  layOutRun,
  makeSolveContext,
} from './lay-out-run.ts';
export type { RunLayout } from './layout.ts';
export { getStretches, perStretch, type LegStretch, type NodeStretch } from './stretches.ts';
