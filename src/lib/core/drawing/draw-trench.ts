import type { Point } from '#core/geometry';
import type { Trench, TrenchMark, TrenchPoint } from '#core/ground';
import { inches, toMillimetres, type Length, type Millimetres } from '#core/units';

/** A trench cut along its length, mm: x along it, y up, the ground at 0. */
export interface TrenchSection {
  /** The pipe's centre line in the ground, from end to end. */
  readonly pipe: readonly Point[];
  readonly outside: Millimetres;
  readonly marks: readonly SectionMark[];
  /** What marks the line from above; empty where the house lays none. The wire lies beside the pipe and never on it. */
  readonly wire: readonly Point[];
  readonly tape: readonly Point[];
  readonly length: Millimetres;
  /** The deepest and the highest drawn. */
  readonly bottom: Millimetres;
  readonly top: Millimetres;
}

export interface SectionMark {
  readonly id: string;
  readonly mark: TrenchMark;
  /** On top of the pipe. */
  readonly at: Point;
  /** Null: it is drawn as deep as its neighbour, or as the usual. */
  readonly cover: Length | null;
  /** Of a riser: its head, and how deep it may be buried (a level, nm below the ground); null where not read. */
  readonly head: Point | null;
  readonly isHeadAssumed: boolean;
  readonly bury: Length | null;
}

/** From above, mm: east to the right, north up. */
export interface TrenchPlan {
  readonly line: readonly Point[];
  readonly marks: readonly { readonly id: string; readonly mark: TrenchMark; readonly at: Point }[];
  readonly frame: {
    readonly left: number;
    readonly right: number;
    readonly bottom: number;
    readonly top: number;
  };
}

/** Where nobody said how deep, it is drawn so; where a riser was not measured, its head so high. For the eye. */
const ASSUMED_COVER = toMillimetres(inches(18));
const ASSUMED_HEAD = toMillimetres(inches(12));
/** Between the wire and the pipe, and how far under the ground the tape lies at the most. */
const WIRE_APART = toMillimetres(inches(3));
/** How far from a riser its wire is drawn going up, of the trench's length. For the eye. */
const BESIDE_RISER = 0.012;
const TAPE_DEPTH = toMillimetres(inches(12));

/** The covers of a trench in mm, those not said taken from the nearest that are. */
function fillCovers(points: readonly TrenchPoint[]): Millimetres[] {
  const said = points.map(({ cover }) => (cover === null ? null : toMillimetres(cover)));
  return said.map((cover, i) => {
    if (cover !== null) return cover;
    const near = said
      .map((each, k) => ({ each, far: Math.abs(k - i) }))
      .filter((each): each is { each: number; far: number } => each.each !== null)
      .sort((a, b) => a.far - b.far);
    return near[0]?.each ?? ASSUMED_COVER;
  });
}

/** Draws a trench along its length; null while it has no length. */
export function drawTrenchSection(trench: Trench): TrenchSection | null {
  const { points, length, outside } = trench;
  if (length === null) return null;
  const wide = toMillimetres(outside ?? inches(1));
  const covers = fillCovers(points);
  const at = (i: number, down: Millimetres): Point => ({ x: toMillimetres(points[i]!.along!), y: -down });
  const indices = points.map((_, i) => i);
  const marks = indices.map((i): SectionMark => {
    const { laid, mark, cover, riser } = points[i]!;
    const top = at(i, covers[i]!);
    const isHeadAssumed = riser !== null && riser.head === null;
    const head = riser
      ? { x: top.x, y: riser.head === null ? ASSUMED_HEAD : toMillimetres(riser.head) }
      : null;
    return { id: laid.id, mark, at: top, cover, head, isHeadAssumed, bury: riser?.bury ?? null };
  });
  // The wire goes up the risers to where it can be reached.
  const wire = indices.flatMap((i) => {
    const inward = points[i]!.riser ? (i === 0 ? 1 : -1) * toMillimetres(length) * BESIDE_RISER : 0;
    const place = at(i, covers[i]! - WIRE_APART);
    const beside = { x: place.x + inward, y: place.y };
    const up = points[i]!.riser ? [{ x: beside.x, y: ASSUMED_HEAD }] : [];
    return i === 0 ? [...up, beside] : [beside, ...up];
  });
  return {
    pipe: indices.map((i) => at(i, covers[i]! + wide / 2)),
    outside: wide,
    marks,
    wire: trench.wire === null ? [] : wire,
    tape: trench.tape === null ? [] : indices.map((i) => at(i, Math.min(TAPE_DEPTH, covers[i]! / 2))),
    length: toMillimetres(length),
    bottom:
      -Math.max(...covers, ...marks.map(({ bury }) => (bury === null ? 0 : toMillimetres(bury)))) - wide,
    top: Math.max(ASSUMED_HEAD, ...marks.map(({ head }) => head?.y ?? 0)),
  };
}

/** Draws a trench from above; null while it has no length. */
export function drawTrenchPlan({ points, length }: Trench): TrenchPlan | null {
  if (length === null) return null;
  const places = points.map(({ onPlan }) => ({
    x: toMillimetres(Math.round(onPlan!.east)),
    y: toMillimetres(Math.round(onPlan!.north)),
  }));
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  return {
    line: places,
    marks: points.map(({ laid, mark }, i) => ({ id: laid.id, mark, at: places[i]! })),
    frame: { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) },
  };
}

export type RiserRole = 'soil' | 'pipe' | 'sleeve' | 'head' | 'void';

/** A riser cut open where it stands in the ground, to scale, mm: the ground at 0, the riser's line at x = 0, the pipe comes from the right. */
export interface RiserPicture {
  readonly shapes: readonly { readonly role: RiserRole; readonly outline: readonly Point[] }[];
  readonly wire: readonly Point[];
  readonly tape: readonly Point[];
  /** Ground over the pipe: where it is lettered, from the ground to the pipe. */
  readonly cover: { readonly x: number; readonly to: number; readonly length: Length | null };
  /** How deep it may be buried at the most, as a level; null where that was not read. */
  readonly bury: { readonly y: number; readonly length: Length; readonly isOver: boolean } | null;
  readonly isHeadAssumed: boolean;
  readonly frame: {
    readonly left: number;
    readonly right: number;
    readonly bottom: number;
    readonly top: number;
  };
}

/** How wide the elbow of a riser is turned, in outsides; how thick its steel is, and how far pipe that goes on is drawn. For the eye. */
const RISER_BEND = 4;
const STEEL = 0.14;
const GOES_ON = 10;

/** Draws the riser at a point of a trench; null where none stands there. */
export function drawRiser(trench: Trench, point: TrenchPoint): RiserPicture | null {
  const { riser } = point;
  if (!riser) return null;
  const i = trench.points.indexOf(point);
  const outside = toMillimetres(trench.outside ?? inches(1));
  const cover = fillCovers(trench.points)[i]!;
  const axis = -cover - outside / 2;
  const head = riser.head === null ? ASSUMED_HEAD : Math.max(toMillimetres(riser.head), outside);
  const radius = Math.min(RISER_BEND * outside, Math.abs(axis) * 0.8);
  const buried = riser.bury === null ? null : toMillimetres(riser.bury);
  const bottom = Math.min(axis - outside * 1.5, buried === null ? 0 : -buried - outside);
  // Pipe, wire and tape go on out of the glass.
  const right = Math.max(GOES_ON * outside, (head - bottom) * 0.75);
  const steel = outside * STEEL;
  const left = -right * 0.75;
  const tube = (half: number, up: number, along: number): Point[] => [
    ...sweep(radius, axis, half, along),
    { x: half, y: up },
    { x: -half, y: up },
    ...sweep(radius, axis, -half, along).reverse(),
  ];
  return {
    shapes: [
      { role: 'soil', outline: box(left, right, axis - outside * 2.5, 0) },
      { role: 'sleeve', outline: tube(outside / 2 + steel, head * 0.86, radius + outside) },
      { role: 'pipe', outline: tube(outside / 2, head * 0.86, right) },
      { role: 'void', outline: tube(outside * 0.41, head, right) },
      { role: 'head', outline: box(-outside * 0.72, -outside * 0.41, head * 0.8, head) },
      { role: 'head', outline: box(outside * 0.41, outside * 0.72, head * 0.8, head) },
    ],
    wire:
      trench.wire === null
        ? []
        : [
            { x: right, y: axis + outside / 2 + WIRE_APART },
            { x: outside * 1.6, y: axis + outside / 2 + WIRE_APART },
            { x: outside * 1.6, y: head * 0.8 },
          ],
    tape:
      trench.tape === null
        ? []
        : [
            { x: outside * 1.6, y: -Math.min(TAPE_DEPTH, cover / 2) },
            { x: right, y: -Math.min(TAPE_DEPTH, cover / 2) },
          ],
    cover: { x: left * 0.3, to: -cover, length: point.cover },
    bury:
      buried === null
        ? null
        : { y: -buried, length: riser.bury!, isOver: riser.buried !== null && riser.buried > riser.bury! },
    isHeadAssumed: riser.head === null,
    frame: {
      left,
      right,
      bottom,
      top: head,
    },
  };
}

const box = (left: number, right: number, bottom: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];

/** One side of a pipe that comes from the right and turns up, `aside` from its centre line (to the inside of the bend, + up). */
function sweep(radius: number, axis: number, aside: number, along: number): Point[] {
  const inner = radius - aside;
  const [x, y] = [radius, axis + radius];
  const arc = Array.from({ length: 9 }, (_, k): Point => {
    const angle = -Math.PI / 2 - (k / 8) * (Math.PI / 2);
    return { x: x + inner * Math.cos(angle), y: y + inner * Math.sin(angle) };
  });
  return [{ x: Math.max(along, radius), y: axis + aside }, ...arc];
}
