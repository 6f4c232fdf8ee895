import type { Point } from '../geometry/isometric.ts';

/** An upright box on the sheet, by its middle. */
export interface Box {
  readonly at: Point;
  readonly width: number;
  readonly height: number;
}

/** Do two boxes overlap? */
export const overlaps = (a: Box, b: Box): boolean =>
  Math.abs(a.at.x - b.at.x) * 2 < a.width + b.width && Math.abs(a.at.y - b.at.y) * 2 < a.height + b.height;

/** Small boxes strung along a line, so that a label can be kept off a slanting pipe. */
export function coverLine(from: Point, to: Point, size: number): Box[] {
  const steps = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / size));
  return Array.from({ length: steps + 1 }, (_, i) => ({
    at: { x: from.x + ((to.x - from.x) * i) / steps, y: from.y + ((to.y - from.y) * i) / steps },
    width: size,
    height: size,
  }));
}

/** The first of the places (best first) where a label hits nothing; the best one when all of them do. */
export function placeLabel(
  places: readonly Point[],
  width: number,
  height: number,
  taken: readonly Box[],
): Box {
  const boxes = places.map((at) => ({ at, width, height }));
  const free = boxes.find((box) => !taken.some((other) => overlaps(box, other)));
  const box = free ?? boxes[0];
  if (!box) throw new Error('a label needs at least one place');
  return box;
}
