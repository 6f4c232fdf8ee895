import type { Vector } from './vector.ts';

/** A point on the sheet, x to the right and y down, in the unit that went in. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

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
export const projectIsometric = ({ x, y, z }: Vector): Point => ({
  x: (x + y) * COS_30,
  y: (x - y) * SIN_30 - z,
});
