import {
  addScaled,
  dot,
  magnitude,
  negate,
  ORIGIN,
  type Vector,
  getVector,
  getOppositeWay,
  getWayVector,
  WAYS,
  type Way,
} from '#core/geometry';
import type { Leg } from './run.ts';
import type { LegGeometry, OffsetGeometry } from './records/leg.ts';

/** Directions of offsets, each worked out once. */
const OFFSET_VECTORS = new WeakMap<LegGeometry, Vector>();
const OPPOSITES = new Map<Way, Vector>(WAYS.map((way) => [way, getWayVector(getOppositeWay(way))]));

/** Unit vector of a leg from its beginning to its end. */
export function getLegVector({ geometry }: Leg): Vector {
  if (geometry.kind !== 'offset') return getWayVector(geometry.axis);
  const known = OFFSET_VECTORS.get(geometry);
  if (known) return known;
  const vector = makeOffsetVector(geometry);
  OFFSET_VECTORS.set(geometry, vector);
  return vector;
}

/** At 45° the way onward and the way to the side (set and roll together) have equal shares. */
function makeOffsetVector({ along, set, roll }: OffsetGeometry): Vector {
  const side = roll
    ? addScaled(addScaled(ORIGIN, getVector(set.way), set.length), getVector(roll.way), roll.length)
    : addScaled(ORIGIN, getVector(set.way), set.length);
  const size = magnitude(side) || 1;
  return addScaled(addScaled(ORIGIN, getVector(along), Math.SQRT1_2), side, Math.SQRT1_2 / size);
}

/** Unit vector in which a leg leaves one of its nodes. */
export function getVectorFrom(leg: Leg, node: string): Vector {
  if (leg.from === node) return getLegVector(leg);
  return leg.geometry.kind === 'offset' ? negate(getLegVector(leg)) : OPPOSITES.get(leg.geometry.axis)!;
}

/** The way in which a leg leaves one of its nodes; null for an offset, which has no name of its own. */
export function findWayFrom(leg: Leg, node: string): Way | null {
  if (leg.geometry.kind === 'offset') return null;
  return leg.from === node ? leg.geometry.axis : getOppositeWay(leg.geometry.axis);
}

/** Do two unit vectors point the same way, but for rounding? */
export const isSameWay = (a: Vector, b: Vector): boolean => dot(a, b) > 1 - 1e-6;

/** Does what stands at this node need a male thread for a leg? Where fitting goes straight into fitting, and where a connector ends female. */
export function isMaleAt({ geometry, from }: Leg, node: string): boolean {
  if (geometry.kind === 'made-up') return (geometry.male === 'from') === (from === node);
  return geometry.kind === 'connector' && geometry.ends[from === node ? 0 : 1].gender === 'female';
}

/** Whether a leg is of pipe that is cut: not fitting in fitting, not a connector that is bought whole. */
export const hasPipe = ({ geometry }: Pick<Leg, 'geometry'>): boolean =>
  geometry.kind === 'axis' || geometry.kind === 'offset' || geometry.kind === 'route';
