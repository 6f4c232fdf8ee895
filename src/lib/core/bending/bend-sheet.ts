import { addScaled, cross, dot, magnitude, subtract, type Vector } from '#core/geometry';
import type { Length } from '#core/units';
import { makeBend } from './bend.ts';
import { bendTube, turnAbout, type Held, type MarkedBend } from './bend-tube.ts';
import { getMarkOffset, type Bender } from './bender.ts';
import { develop, findPath, scale, type LaidBend } from './bent-path.ts';

/** One bend as it is made: the mark on a graduation, the angle and the rotation in whole steps. */
export interface SheetBend {
  /** What is worked out: the three marks, angle and rotation. Marks from the end of the tube, nm. */
  readonly exact: LaidBend;
  /** Where the mark that the bender takes is drawn, from the end of the tube, nm. */
  readonly mark: Length;
  readonly degrees: number;
  readonly rotation: number;
}

export interface BendSheet {
  readonly bends: readonly SheetBend[];
  /** What is left straight between the bends, worked out, nm. */
  readonly left: readonly number[];
  /** The tube that is bent, nm: as it is cut, less what is left on to be trimmed and as slack; and worked out. */
  readonly cut: Length;
  readonly exact: number;
  /** How far the far end of the tube is from where it belongs when it is bent by this sheet, nm. */
  readonly endOff: number;
}

/** What a sheet is made to: the graduation of the tape (nm), that of the bender's dial (degrees), and its mark. */
export interface SheetSteps {
  readonly tick: Length;
  readonly dial: number;
  readonly bender: Bender;
}

/** What the two ends of the tube take off the first and the last straight, nm; less than nothing for what is added (a flare). */
export type EndTakeOffs = readonly [near: Length, far: Length];

/**
 * The bends of a tube through these points (nm), as they are marked and made. Every mark is put on a graduation, and every angle and
 * rotation on a step of the dial, so that the tube comes nearest to where it belongs *after all that was made before*: what a mark is off
 * is made good by the next ones, and does not add up from bend to bend. `printed`: how long the tube is that is bent (nm), where its cut says it
 * already; the far end is reckoned from that. Null where a turn is a return bend, or two points are one.
 */
export function makeBendSheet(
  points: readonly Vector[],
  radii: readonly Length[],
  [near, far]: EndTakeOffs,
  { tick, dial, bender }: SheetSteps,
  printed: Length | null = null,
): BendSheet | null {
  const path = findPath(points, radii);
  const developed = path && develop(path);
  const held = path && findHold(points);
  if (!developed || !held) return null;
  const exact = developed.length - near - far;
  const made: MarkedBend[] = [];
  const bends: SheetBend[] = [];
  let [place, along, normal, used] = [addScaled(points[0]!, held.way, near), held.way, held.normal, 0];
  for (const [i, laid] of developed.bends.entries()) {
    const { radius } = laid;
    const [crossing, beyond] = [points[i + 1]!, points[i + 2]!];
    // As far as the crossing lies along the tube as it is.
    const straight = dot(subtract(crossing, place), along);
    // Aimed at the next crossing from where this one has come to lie.
    const toward = subtract(beyond, addScaled(place, along, straight));
    const degrees = putOnStep(getAngle(along, toward), dial);
    const bend = makeBend(radius, degrees);
    if (!bend) return null;
    const { setback, arc } = bend;
    const wanted = used + straight - setback + getMarkOffset(bender, arc);
    const mark = putOnStep(wanted, tick);
    const start = mark - getMarkOffset(bender, arc);
    const from = addScaled(place, along, start - used + setback);
    const rotation = i === 0 ? 0 : aim(normal, along, subtract(beyond, from), dial);
    made.push({ start, radius, degrees, rotation });
    bends.push({ exact: shift(laid, -near), mark, degrees, rotation });
    normal = turnAbout(normal, along, rotation);
    along = turnAbout(along, normal, degrees);
    place = addScaled(from, along, setback);
    used = start + arc;
  }
  const last = addScaled(points.at(-1)!, along, -far);
  const cut = printed ?? putOnStep(used + dot(subtract(last, place), along), tick);
  const { end } = bendTube({ ...held, at: addScaled(points[0]!, held.way, near) }, made, cut);
  const lastWay = subtract(points.at(-1)!, points.at(-2)!);
  const belongs = addScaled(points.at(-1)!, lastWay, -far / magnitude(lastWay));
  return { bends, left: developed.left, cut, exact, endOff: magnitude(subtract(end, belongs)) };
}

const getAngle = (a: Vector, b: Vector): number =>
  (Math.atan2(magnitude(cross(a, b)), dot(a, b)) * 180) / Math.PI;

const putOnStep = (value: number, step: number): number => Math.round(value / step) * step;

/** The rotation, on a step of the dial, after which the tube bends toward a place as nearly as it can: 0 to 360°. */
function aim(normal: Vector, along: Vector, toward: Vector, dial: number): number {
  const across = cross(along, toward);
  const angle = (Math.atan2(dot(cross(normal, across), along), dot(normal, across)) * 180) / Math.PI;
  return (putOnStep(angle, dial) + 360) % 360;
}

/** How the tube lies before it is bent: along its first straight, its first bend in the plane of the first three points. */
function findHold(points: readonly Vector[]): Omit<Held, 'at'> | null {
  const first = subtract(points[1]!, points[0]!);
  const way = scale(first, 1 / magnitude(first));
  for (let i = 2; i < points.length; i++) {
    const across = cross(way, subtract(points[i]!, points[i - 1]!));
    const size = magnitude(across);
    if (size > 1e-9) return { way, normal: scale(across, 1 / size) };
  }
  // A tube that does not turn has no plane.
  return points.length < 2 ? null : { way, normal: { x: 0, y: 0, z: 0 } };
}

const shift = (bend: LaidBend, by: number): LaidBend => ({
  ...bend,
  start: bend.start + by,
  centre: bend.centre + by,
  end: bend.end + by,
});
