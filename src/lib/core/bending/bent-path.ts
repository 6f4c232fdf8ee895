import { addScaled, cross, dot, magnitude, subtract, type Vector } from '#core/geometry';
import type { Length } from '#core/units';
import { makeBend, type Bend } from './bend.ts';

/** One turn of a bent tube, as it is asked for. */
export interface Turn {
  /** From straight on. */
  readonly degrees: number;
  /** To the tube's centre line, nm. */
  readonly radius: Length;
  /**
   * How far the plane of this bend lies round from that of the bend before, 0 to 360°, clockwise looking along the tube in the direction of
   * its marks; 0 for the first bend. The tube in a bender is turned the other way (`turn-of-tube.ts`).
   */
  readonly rotation: number;
}

/** A tube that turns: straights from crossing to crossing (nm), and the turns between them: always one fewer. */
export interface BentPath {
  readonly straights: readonly Length[];
  readonly turns: readonly Turn[];
}

/** A bend with its three marks along the straight tube, from where the path begins, nm; not rounded. */
export interface LaidBend extends Turn, Bend {
  readonly start: number;
  readonly centre: number;
  readonly end: number;
}

export interface Developed {
  /** The centre line from end to end, nm; not rounded. */
  readonly length: number;
  readonly bends: readonly LaidBend[];
  /** What is left straight of each straight between its bends, nm; less than nothing where two bends run into each other. */
  readonly left: readonly number[];
}

/**
 * The tube a path takes: developed = Σ straights − Σ gains, with the marks of every bend. Null where a turn is a return bend: it has no
 * crossing to be measured to.
 */
export function develop({ straights, turns }: BentPath): Developed | null {
  const figured: Bend[] = [];
  for (const { radius, degrees } of turns) {
    const bend = makeBend(radius, degrees);
    if (!bend) return null;
    figured.push(bend);
  }
  const setback = (i: number): number => figured[i]?.setback ?? 0;
  const left = straights.map((straight, i) => straight - setback(i - 1) - setback(i));
  const bends: LaidBend[] = [];
  let at = 0;
  for (const [i, bend] of figured.entries()) {
    const start = at + left[i]!;
    at = start + bend.arc;
    const { degrees, radius, rotation } = turns[i]!;
    const { setback, arc, gain } = bend;
    bends.push({ degrees, radius, rotation, setback, arc, gain, start, centre: start + arc / 2, end: at });
  }
  return { length: at + left.at(-1)!, bends, left };
}

/**
 * The path through points (any unit: the straights come in it, rounded to whole ones), bent at each inner one with the radius given for it
 * (nm). Points that lie on top of each other have no direction: null.
 */
export function findPath(points: readonly Vector[], radii: readonly Length[]): BentPath | null {
  const ways = listWays(points);
  if (!ways) return null;
  const straights = points.slice(1).map((point, i) => Math.round(magnitude(subtract(point, points[i]!))));
  return { straights, turns: findTurns(ways, radii) };
}

function listWays(points: readonly Vector[]): readonly Vector[] | null {
  const ways: Vector[] = [];
  for (let i = 1; i < points.length; i++) {
    const along = subtract(points[i]!, points[i - 1]!);
    const size = magnitude(along);
    if (size === 0) return null;
    ways.push(scale(along, 1 / size));
  }
  return ways.length > 0 ? ways : null;
}

/** The turns from each way (unit vectors) to the next, with the rotation of the tube between them. Where it goes straight on it keeps its plane. */
export function findTurns(ways: readonly Vector[], radii: readonly Length[]): readonly Turn[] {
  let plane: Vector | null = null;
  return ways.slice(1).map((way, i): Turn => {
    const before = ways[i]!;
    const across = cross(before, way);
    const size = magnitude(across);
    // Of nearly parallel ways the angle is told by what they differ in: the cosine is flat there.
    const degrees = toDegrees(Math.atan2(size, dot(before, way)));
    // Straight on, or straight back: in no plane of its own.
    if (size < 1e-9) return { degrees: Math.round(degrees), radius: radii[i]!, rotation: 0 };
    const rotation = plane ? findRotation(plane, across, before) : 0;
    plane = across;
    return { degrees, radius: radii[i]!, rotation };
  });
}

/** From the plane of one bend to that of the next, degrees clockwise seen along the tube: both normals stand square to it, of any length. */
function findRotation(from: Vector, to: Vector, along: Vector): number {
  const angle = toDegrees(Math.atan2(dot(cross(from, to), along), dot(from, to)));
  // −0 and what is lost in the last digits are no rotation.
  const turned = angle < -1e-7 ? angle + 360 : Math.abs(angle);
  return turned > 360 - 1e-7 ? 0 : turned;
}

const toDegrees = (radians: number): number => (radians * 180) / Math.PI;

/** A vector made longer or shorter. */
export const scale = ({ x, y, z }: Vector, by: number): Vector => ({ x: x * by, y: y * by, z: z * by });

/** The arc that joins two straights at their crossing, as points from the one to the other. For a drawing; nm. */
export function roundCorner(
  before: Vector,
  corner: Vector,
  after: Vector,
  radius: Length,
  steps: number,
): readonly Vector[] {
  const toward = (to: Vector): Vector => {
    const along = subtract(to, corner);
    return scale(along, 1 / (magnitude(along) || 1));
  };
  const [back, onward] = [toward(before), toward(after)];
  const half = Math.acos(Math.max(-1, Math.min(1, dot(back, onward)))) / 2;
  const middle = toward(addScaled(addScaled(corner, back, 1), onward, 1));
  const centre = addScaled(corner, middle, radius / Math.sin(half));
  const setback = radius / Math.tan(half);
  const [from, to] = [back, onward].map((way) => subtract(addScaled(corner, way, setback), centre)) as [
    Vector,
    Vector,
  ];
  const angle = Math.PI - 2 * half;
  return Array.from({ length: steps + 1 }, (_, i) => {
    // Between two radii of one circle: their shares by the sines of what is left and what is done.
    const done = (angle * i) / steps;
    const whole = Math.sin(angle) || 1;
    return addScaled(addScaled(centre, from, Math.sin(angle - done) / whole), to, Math.sin(done) / whole);
  });
}
