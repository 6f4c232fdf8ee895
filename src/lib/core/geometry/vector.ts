/** A point or displacement in space: x to the right, y back (away from the fitter), z up; doubles, nm or unitless. */
export interface Vector {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

export const ORIGIN: Vector = { x: 0, y: 0, z: 0 };

/** `from + by · along`, in the unit of `from`. */
export const addScaled = (from: Vector, along: Vector, by: number): Vector => ({
  x: from.x + along.x * by,
  y: from.y + along.y * by,
  z: from.z + along.z * by,
});

/** `a − b`. */
export const subtract = (a: Vector, b: Vector): Vector => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });

/** The same length the other way. */
export const negate = ({ x, y, z }: Vector): Vector => ({ x: -x, y: -y, z: -z });

/** Square to both, right-handed. */
export const cross = (a: Vector, b: Vector): Vector => ({
  x: a.y * b.z - a.z * b.y,
  y: a.z * b.x - a.x * b.z,
  z: a.x * b.y - a.y * b.x,
});

/** Its length, in its own unit. */
export const magnitude = (v: Vector): number => Math.hypot(v.x, v.y, v.z);

/** Cosine of the angle between two unit vectors. */
export const dot = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y + a.z * b.z;

/** Cosines that are the same but for rounding; 45° and 46° differ by 0.012. */
export const isNear = (cosine: number, wanted: number): boolean => Math.abs(cosine - wanted) < 1e-6;
