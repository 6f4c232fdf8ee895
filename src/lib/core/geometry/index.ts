export { AXES, type Axis, getOpposite, getVector } from './axis.ts';
export { type Point, type Quarters, getSeenAxis, projectIsometric } from './isometric.ts';
export { findSegmentDistance } from './segment-distance.ts';
export { ORIGIN, type Vector, addScaled, cross, dot, isNear, magnitude, negate, subtract } from './vector.ts';
export {
  DIAGONALS,
  type Diagonal,
  WAYS,
  type Way,
  findDiagonal,
  getOppositeWay,
  getSquareWays,
  getWayVector,
  isAxis,
  isWay,
} from './way.ts';
