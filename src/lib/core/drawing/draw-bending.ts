import { traceTube } from '#core/bending';
import type { TubeSheet } from '#core/cutting';
import { cross, dot, projectIsometric, type Point } from '#core/geometry';
import { findRange } from './sheet-geometry.ts';

/** A tube on its way through the bender: what lies before the bend that is made now, that bend, and the straight tube after it. */
export interface BendingPicture {
  readonly before: readonly Point[];
  readonly bend: readonly Point[];
  readonly after: readonly Point[];
}

/** Corners of the bend that is drawn round. */
const STEPS = 12;
/** What of a long straight is shown: so many times the length of the longest arc. */
const LONGEST = 7;

/**
 * Draws a tube as it lies in the bender after its bend number `at` (from 0), isometric, fitted into a square of `size` units: the straight before the bend
 * always the same way, the bend always up, so that what was bent before stands as the hand has turned it. Long straights are drawn short: no length is read off it.
 */
export function drawBending(
  { bends, cut }: Pick<TubeSheet, 'bends' | 'cut'>,
  at: number,
  size: number,
): BendingPicture {
  const arcs = bends.map(({ exact }) => exact.arc);
  const most = Math.max(...arcs) * LONGEST;
  // Marks with the straights between them cut down.
  let [used, place] = [0, 0];
  const marked = bends.map(({ exact, degrees, rotation }) => {
    place += Math.min(most, Math.max(0, exact.start - used));
    const start = place;
    used = exact.start + exact.arc;
    place += exact.arc;
    return { start, degrees, rotation, radius: exact.radius };
  });
  const length = place + Math.min(most, Math.max(0, cut - used));
  const held = { at: { x: 0, y: 0, z: 0 }, way: { x: 1, y: 0, z: 0 }, normal: { x: 0, y: -1, z: 0 } };
  const now = marked.map((bend, i) => (i <= at ? bend : { ...bend, degrees: 0 }));
  const { points, parts } = traceTube(held, now, length, STEPS);
  const { from, to, along, normal } = parts[at] ?? { from: 0, to: 0, along: held.way, normal: held.normal };
  const up = cross(normal, along);
  const flat = points.map((point) =>
    projectIsometric({ x: dot(point, along), y: -dot(point, normal), z: dot(point, up) }, 0),
  );
  const [left, right] = findRange(flat, 'x');
  const [top, bottom] = findRange(flat, 'y');
  const scale = (size * 0.84) / Math.max(right - left, bottom - top, 1);
  const put = ({ x, y }: Point): Point => ({
    x: size / 2 + (x - (left + right) / 2) * scale,
    y: size / 2 + (y - (top + bottom) / 2) * scale,
  });
  const all = flat.map(put);
  return { before: all.slice(0, from + 1), bend: all.slice(from, to + 1), after: all.slice(to) };
}
