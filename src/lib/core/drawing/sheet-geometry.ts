import type { Point } from '#core/geometry';

/** Between two points of a sheet, in its unit. */
export const getDistance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);

/** The point a given way along from one point toward another. */
export function along(from: Point, to: Point, distance: number): Point {
  const length = getDistance(from, to) || 1;
  return {
    x: from.x + ((to.x - from.x) / length) * distance,
    y: from.y + ((to.y - from.y) / length) * distance,
  };
}

/** A short stroke square across the line from → to, at a point of it. */
export function strokeAcross(at: Point, from: Point, to: Point, half: number): [Point, Point] {
  const length = getDistance(from, to) || 1;
  const [x, y] = [(-(to.y - from.y) / length) * half, ((to.x - from.x) / length) * half];
  return [
    { x: at.x + x, y: at.y + y },
    { x: at.x - x, y: at.y - y },
  ];
}

/** The least and the greatest of a list of points on one side; 0 and 0 of none. A loop, since a long list cannot be spread. */
export function findRange(points: readonly Point[], side: 'x' | 'y'): [least: number, greatest: number] {
  let [least, greatest] = [points[0]?.[side] ?? 0, points[0]?.[side] ?? 0];
  for (const point of points) {
    least = Math.min(least, point[side]);
    greatest = Math.max(greatest, point[side]);
  }
  return [least, greatest];
}
