import type { Axis } from './axis.ts';
import type { Vector } from './vector.ts';

/** A point on the sheet, x to the right and y down, in the unit that went in. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** Quarter turns of the run about its upright axis before it is looked at, clockwise seen from above. */
export type Quarters = 0 | 1 | 2 | 3;

const COS_30 = Math.sqrt(3) / 2;
const SIN_30 = 0.5;

/**
 * Isometric projection: up stays up, right goes 30° down to the right, back 30° up to the right.
 *
 *        up
 *         |   / back
 *         | /
 *         +
 *       /   \
 *     out     right
 */
export function projectIsometric(vector: Vector, quarters: Quarters = 0): Point {
  const { x, y } = turn(vector, quarters);
  return { x: (x + y) * COS_30, y: (x - y) * SIN_30 - vector.z };
}

function turn({ x, y }: Vector, quarters: Quarters): Point {
  switch (quarters) {
    case 0:
      return { x, y };
    case 1:
      return { x: y, y: -x };
    case 2:
      return { x: -x, y: -y };
    case 3:
      return { x: -y, y: x };
  }
}

/** Level ways in the order in which a quarter turn moves them: what goes right is then seen going out. */
const LEVEL: readonly Axis[] = ['right', 'out', 'left', 'back'];

/** The way in which an axis is seen to go after so many quarter turns. */
export function getSeenAxis(axis: Axis, quarters: Quarters): Axis {
  const at = LEVEL.indexOf(axis);
  return at < 0 ? axis : LEVEL[(at + quarters) % 4]!;
}
