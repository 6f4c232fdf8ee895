import type { Vector } from './vector.ts';

/** The six ways a square leg can go, as seen by the fitter facing the wall where the run was begun. */
export const AXES = ['up', 'back', 'right', 'down', 'out', 'left'] as const;
export type Axis = (typeof AXES)[number];

const VECTORS: Readonly<Record<Axis, Vector>> = {
  right: { x: 1, y: 0, z: 0 },
  left: { x: -1, y: 0, z: 0 },
  back: { x: 0, y: 1, z: 0 },
  out: { x: 0, y: -1, z: 0 },
  up: { x: 0, y: 0, z: 1 },
  down: { x: 0, y: 0, z: -1 },
};

const OPPOSITES: Readonly<Record<Axis, Axis>> = {
  right: 'left',
  left: 'right',
  back: 'out',
  out: 'back',
  up: 'down',
  down: 'up',
};

/** Unit vector of an axis. */
export const getVector = (axis: Axis): Vector => VECTORS[axis];

/** The square way back. */
export const getOpposite = (axis: Axis): Axis => OPPOSITES[axis];
