import { addScaled, cross, dot, type Vector } from '#core/geometry';
import type { Length } from '#core/units';
import { scale, type Turn } from './bent-path.ts';

/** A tube about to be bent: where its end is held, which way it lies, and square to that the normal of its first bend (unit vectors). */
export interface Held {
  readonly at: Vector;
  readonly way: Vector;
  readonly normal: Vector;
}

/** A bend as the bender makes it: from this place along the straight tube on (nm). */
export interface MarkedBend extends Turn {
  readonly start: number;
}

/** Where a bent tube lies, nm. */
export interface BentTube {
  /** Where the straights before and after each bend cross. */
  readonly crossings: readonly Vector[];
  /** Where each bend ends. */
  readonly ends: readonly Vector[];
  readonly end: Vector;
}

/**
 * Bends a straight tube of this length (nm) in space, bend after bend, as a bender does: forward to the mark, turned about itself, round
 * the shoe. What it comes to where marks overlap is nonsense, and so it is in copper: ask for `left` before.
 */
export function bendTube({ at, way, normal }: Held, bends: readonly MarkedBend[], length: number): BentTube {
  let [place, along, square, used] = [at, way, normal, 0];
  const crossings: Vector[] = [];
  const ends: Vector[] = [];
  for (const bend of bends) {
    place = addScaled(place, along, bend.start - used);
    square = turnAbout(square, along, bend.rotation);
    crossings.push(findCrossing(place, along, bend));
    place = goRound(place, along, square, bend);
    along = turnAbout(along, square, bend.degrees);
    used = bend.start + (Math.PI * bend.radius * bend.degrees) / 180;
    ends.push(place);
  }
  return { crossings, ends, end: addScaled(place, along, length - used) };
}

/** Where the bend ends that begins here: R·sin θ onward, R·(1 − cos θ) to the side. */
function goRound(from: Vector, along: Vector, normal: Vector, { radius, degrees }: Turn): Vector {
  const angle = (degrees * Math.PI) / 180;
  const onward = addScaled(from, along, radius * Math.sin(angle));
  return addScaled(onward, cross(normal, along), radius * (1 - Math.cos(angle)));
}

const findCrossing = (
  from: Vector,
  along: Vector,
  { radius, degrees }: { radius: Length; degrees: number },
) => addScaled(from, along, radius * Math.tan((degrees * Math.PI) / 360));

/** A vector turned about an axis (unit) by degrees, clockwise looking along the axis. */
export function turnAbout(vector: Vector, axis: Vector, degrees: number): Vector {
  const angle = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const turned = addScaled(scale(vector, cos), cross(axis, vector), sin);
  return addScaled(turned, axis, dot(axis, vector) * (1 - cos));
}

/** The centre line of a bent tube as points. */
export interface TracedTube {
  readonly points: readonly Vector[];
  /** Bend by bend, which points its arc begins and ends at, and how the tube lies before it: along, and the normal of the bend (unit vectors). */
  readonly parts: readonly {
    readonly from: number;
    readonly to: number;
    readonly along: Vector;
    readonly normal: Vector;
  }[];
}

/** Traces the centre line of a bent tube, each arc in so many steps. For a picture. */
export function traceTube(
  { at, way, normal }: Held,
  bends: readonly MarkedBend[],
  length: number,
  steps: number,
): TracedTube {
  let [place, along, square, used] = [at, way, normal, 0];
  const points: Vector[] = [at];
  const parts: TracedTube['parts'][number][] = [];
  for (const bend of bends) {
    place = addScaled(place, along, bend.start - used);
    points.push(place);
    square = turnAbout(square, along, bend.rotation);
    const [from, before] = [points.length - 1, along];
    for (let step = 1; step <= steps; step++)
      points.push(goRound(place, along, square, { ...bend, degrees: (bend.degrees * step) / steps }));
    place = points.at(-1)!;
    along = turnAbout(along, square, bend.degrees);
    used = bend.start + (Math.PI * bend.radius * bend.degrees) / 180;
    parts.push({ from, to: points.length - 1, along: before, normal: square });
  }
  points.push(addScaled(place, along, length - used));
  return { points, parts };
}
