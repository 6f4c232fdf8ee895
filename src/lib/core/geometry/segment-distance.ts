import { addScaled, magnitude, subtract, type Vector } from './vector.ts';

const times = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y + a.z * b.z;
const clamp = (value: number): number => Math.min(1, Math.max(0, value));

/**
 * The least distance between the segments a–b and c–d, in the unit that went in. Each point nearest to the other segment
 * is found in turn; for parallel segments any of the nearest pairs will do.
 */
export function findSegmentDistance(a: Vector, b: Vector, c: Vector, d: Vector): number {
  const [u, v, w] = [subtract(b, a), subtract(d, c), subtract(a, c)];
  const [uu, vv, uv, uw, vw] = [times(u, u), times(v, v), times(u, v), times(u, w), times(v, w)];
  const across = uu * vv - uv * uv;
  // A segment that is a point has no way along it: only the other one is walked.
  if (vv === 0) return magnitude(subtract(addScaled(a, u, uu > 0 ? clamp(-uw / uu) : 0), c));
  // Along a–b first: where the infinite lines come nearest, or its beginning where they are parallel.
  let s = across > 1e-9 * uu * vv ? clamp((uv * vw - vv * uw) / across) : 0;
  let t = (uv * s + vw) / vv;
  if (t < 0 || t > 1) {
    t = clamp(t);
    s = uu > 0 ? clamp((uv * t - uw) / uu) : 0;
  }
  return magnitude(subtract(addScaled(a, u, s), addScaled(c, v, t)));
}
