import { cross, dot, magnitude, negate, type Vector } from '#core/geometry';
import type { LaidEnd } from '#core/runs/measuring';
import type { RunLayout } from '#core/runs/layout';
import { getVectorFrom, isSameWay } from '#core/runs/document';

const UP: Vector = { x: 0, y: 0, z: 1 };
const BACK: Vector = { x: 0, y: 1, z: 0 };

/** What stands at 0 degrees: up, or away from you where the axis itself is upright. */
export type TwelveOClock = 'up' | 'back';

export interface Pointing {
  /** Degrees clockwise, looking from the fitting along the axis into the pipe; whole. */
  readonly angle: number;
  readonly twelve: TwelveOClock;
}

/**
 * Where the fitting at an end of a piece has to point so that its next leg goes where it is drawn: the first of its other
 * legs that leaves to the side. Null where nothing points to a side (a coupling, a cap, an open end).
 *
 *        up 0°
 *          |      looking from the fitting into the pipe
 *     270 -+- 90
 */
export function findPointing(layout: RunLayout, end: LaidEnd): Pointing | null {
  const node = layout.nodes.get(end.station);
  const leg = node?.legs.find(({ id }) => id === end.leg);
  if (!node || !leg || !end.joint) return null;
  const into = getVectorFrom(leg, node.id);
  const side = node.legs
    .filter((other) => other !== leg)
    .map((other) => getVectorFrom(other, node.id))
    .find((way) => !isSameWay(way, into) && !isSameWay(way, negate(into)));
  if (!side) return null;
  const twelve: TwelveOClock = isSameWay(into, UP) || isSameWay(into, negate(UP)) ? 'back' : 'up';
  const reference = twelve === 'up' ? UP : BACK;
  // What of a vector lies square to the axis.
  const flatten = (vector: Vector): Vector => {
    const along = dot(vector, into);
    return { x: vector.x - along * into.x, y: vector.y - along * into.y, z: vector.z - along * into.z };
  };
  const zero = flatten(reference);
  const size = magnitude(zero);
  const right = cross(into, zero);
  const pointing = flatten(side);
  const degrees = (Math.atan2(dot(pointing, right) / size, dot(pointing, zero) / size) * 180) / Math.PI;
  return { angle: Math.round(degrees + 360) % 360, twelve };
}
