import { isNominal } from '#core/ends';
import { findReach } from '#core/catalogue';
import { type Point, cross, dot, magnitude, type Vector } from '#core/geometry';
import { getEndId } from '#core/runs/measuring';
import { findEnd, type RunLayout } from '#core/runs/layout';
import type { LaidLeg } from '#core/runs/pieces';
import { INCH, toMillimetres, type Millimetres } from '#core/units';
import { type Trap, getTrapLengths, looksDown, type TeePort, type TeeUse } from '#core/traps';

export type TrapRole = 'tee' | 'pipe' | 'cap' | 'plug' | 'void';

/** A closed outline, mm; a void is painted over what is cut through before it. */
export interface DrawnTrap {
  readonly role: TrapRole;
  readonly outline: readonly Point[];
}

/** A way of grit through the tee: where it ends it stays, or it is carried out of sight. */
export interface GritTrack {
  readonly points: readonly Point[];
  readonly stays: boolean;
}

/**
 * A trap cut open, to scale, mm: its tee in the plane of its three openings, y up (away, where it lies level: `isPlan`). What moves through it
 * follows from its ports, whatever the trap looks like.
 */
export interface TrapPicture {
  readonly shapes: readonly DrawnTrap[];
  readonly gas: readonly Point[];
  readonly grit: readonly GritTrack[];
  readonly isPlan: boolean;
  /** The nipple's length is not known: it is drawn as if it were three inches. */
  readonly isAssumed: boolean;
  /** Along the stub: from the tee's centre to the cap's bottom. */
  readonly stub: { readonly from: Point; readonly to: Point; readonly length: Millimetres };
  readonly frame: {
    readonly left: number;
    readonly right: number;
    readonly bottom: number;
    readonly top: number;
  };
}

/** An opening as it is drawn. */
interface Arm {
  readonly way: Point;
  /** From the centre to the face, and how far the pipe is in it. */
  readonly reach: Millimetres;
  readonly engagement: Millimetres;
  readonly outside: Millimetres;
  readonly bore: Millimetres;
}

/** How far pipe that goes on is drawn, of its outside diameter. */
const GOES_ON = 2.4;
/** Metal round an opening, of the pipe's outside: for the eye, no length follows from it. */
const BAND = 1.45;
const ASSUMED: Millimetres = 76.2;

/** Draws the trap of a drop cut open; null where no tee stands there, or its figures are not known. */
export function drawTrap(layout: RunLayout, trap: Trap): TrapPicture | null {
  const { use, nipple, node } = trap;
  if (!use) return null;
  const legs = { inlet: node.legs[0]!, outlet: node.legs[0]!, cap: nipple.leg.leg };
  for (const leg of node.legs) {
    const laid = layout.legs.get(leg.id)!;
    if (laid.far === node.id) legs.inlet = leg;
    else if (leg.id !== nipple.leg.id) legs.outlet = leg;
  }
  const flatten = findPlane(use);
  const draw = (port: TeeUse['inlet'], leg: string): Arm | null =>
    readArm(layout, node.id, layout.legs.get(leg)!, flatten.toPlane(port.way));
  const [inlet, outlet, cap] = [
    draw(use.inlet, legs.inlet.id),
    draw(use.outlet, legs.outlet.id),
    draw(use.cap, legs.cap.id),
  ];
  if (!inlet || !outlet || !cap) return null;
  const lengths = getTrapLengths(trap);
  const known = lengths.nipple === null ? null : toMillimetres(lengths.nipple);
  const pocket = lengths.depth === null ? cap.outside * 0.8 : toMillimetres(lengths.depth);
  const hasNipple = nipple.piece !== null;
  const length = hasNipple ? (known ?? ASSUMED) : 0;
  const capIn = lengths.engagements[1] === null ? pocket * 0.6 : toMillimetres(lengths.engagements[1]);
  const bottom = hasNipple ? cap.reach - cap.engagement + length - capIn + pocket : cap.reach;
  const shapes = [
    drawTee(inlet, outlet, cap, use),
    drawPipe(inlet, goOn(inlet)),
    drawPipe(outlet, goOn(outlet)),
    ...drawStub(cap, length, bottom, pocket, nipple.closedBy),
    ...[inlet, outlet].map((arm) => drawVoid(arm, goOn(arm))),
    drawVoid(cap, nipple.closedBy === 'nothing' ? bottom - pocket + capIn + 1 : bottom),
  ];
  const points = shapes.flatMap(({ outline }) => outline);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return {
    shapes,
    gas: [at(inlet.way, goOn(inlet)), { x: 0, y: 0 }, at(outlet.way, goOn(outlet))],
    grit: trackGrit(use, inlet, outlet, cap, bottom),
    isPlan: flatten.isPlan,
    isAssumed: hasNipple && known === null,
    stub: { from: { x: 0, y: 0 }, to: at(cap.way, bottom), length: bottom },
    frame: { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) },
  };
}

const at = ({ x, y }: Point, distance: number): Point => ({ x: x * distance, y: y * distance });
const goOn = ({ reach, outside }: Arm): number => reach + outside * GOES_ON;

/** The plane of the three openings, seen so that up is up; the branch to the right where it can be. */
function findPlane({ inlet, outlet, cap }: TeeUse): {
  readonly toPlane: (way: Vector) => Point;
  readonly isPlan: boolean;
} {
  const ways = [inlet, outlet, cap];
  const run = ways.find(({ port }) => port === 'run-a')!.way;
  const branch = ways.find(({ port }) => port === 'branch')!.way;
  const normal = cross(run, branch);
  const isPlan = Math.abs(normal.z) > 0.9;
  const up: Vector = isPlan ? { x: 0, y: 1, z: 0 } : { x: 0, y: 0, z: 1 };
  const across = cross(up, normal);
  const size = magnitude(across) || 1;
  const right = { x: across.x / size, y: across.y / size, z: across.z / size };
  const side =
    dot(branch, right) < 0 || (Math.abs(dot(branch, right)) < 1e-6 && dot(outlet.way, right) < 0) ? -1 : 1;
  return { toPlane: (way) => ({ x: dot(way, right) * side, y: dot(way, up) }), isPlan };
}

function readArm(layout: RunLayout, node: string, { leg }: LaidLeg, way: Point): Arm | null {
  const pipe = isNominal(leg.size) ? layout.catalogue.findPipe(leg.size) : null;
  const fitting = layout.nodes.get(node)!.fitting;
  const i = fitting.kind === 'part' ? fitting.legs.findIndex(({ id }) => id === leg.id) : -1;
  const port = fitting.kind === 'part' ? fitting.part.ports[i] : undefined;
  const reach = port ? findReach(port) : null;
  if (!pipe || reach === null) return null;
  const engagement = findEnd(layout, getEndId(node, leg.id))?.joint?.engagement ?? INCH / 2;
  return {
    way,
    reach: toMillimetres(reach),
    engagement: toMillimetres(engagement),
    outside: toMillimetres(pipe.outside),
    bore: toMillimetres(pipe.bore),
  };
}

/** A strip along an arm, mm from the centre, so wide to each side. */
function strip({ way: { x, y } }: Arm, from: number, to: number, half: number): Point[] {
  const corner = (along: number, side: number): Point => ({
    x: x * along - y * side,
    y: y * along + x * side,
  });
  return [corner(from, half), corner(to, half), corner(to, -half), corner(from, -half)];
}

/** The tee as one outline: its run through, its branch to one side. */
function drawTee(inlet: Arm, outlet: Arm, cap: Arm, use: TeeUse): DrawnTrap {
  const arms = [
    { port: use.inlet.port, arm: inlet },
    { port: use.outlet.port, arm: outlet },
    { port: use.cap.port, arm: cap },
  ];
  const find = (wanted: TeePort): Arm => arms.find(({ port }) => port === wanted)!.arm;
  const [a, b, branch] = [find('run-a'), find('run-b'), find('branch')];
  const half = (Math.max(a.outside, b.outside) / 2) * BAND;
  const side = (branch.outside / 2) * BAND;
  const place = (along: number, up: number): Point => ({
    x: a.way.x * along + branch.way.x * up,
    y: a.way.y * along + branch.way.y * up,
  });
  return {
    role: 'tee',
    outline: [
      place(-b.reach, -half),
      place(a.reach, -half),
      place(a.reach, half),
      place(side, half),
      place(side, branch.reach),
      place(-side, branch.reach),
      place(-side, half),
      place(-b.reach, half),
    ],
  };
}

const drawPipe = (arm: Arm, to: number): DrawnTrap => ({
  role: 'pipe',
  outline: strip(arm, arm.reach - arm.engagement, to, arm.outside / 2),
});
const drawVoid = (arm: Arm, to: number): DrawnTrap => ({
  role: 'void',
  outline: strip(arm, 0, to, arm.bore / 2),
});

/** The nipple and what closes it; a plug in the tee where there is none. */
function drawStub(
  cap: Arm,
  length: number,
  bottom: number,
  pocket: number,
  closedBy: 'cap' | 'plug' | 'nothing',
): DrawnTrap[] {
  if (length === 0)
    return [
      {
        role: 'plug',
        outline: strip(cap, cap.reach - cap.engagement, cap.reach + cap.outside * 0.5, cap.outside / 2),
      },
    ];
  const from = cap.reach - cap.engagement;
  const nipple: DrawnTrap = { role: 'pipe', outline: strip(cap, from, from + length, cap.outside / 2) };
  if (closedBy === 'nothing') return [nipple];
  const thick = cap.outside * 0.16;
  return [
    { role: 'cap', outline: strip(cap, bottom - pocket, bottom + thick, (cap.outside / 2) * BAND) },
    nipple,
  ];
}

/**
 * What becomes of grit. It keeps on the way it comes: where the gas turns off and the nipple hangs straight on below, it falls in and stays. By
 * the branch in and out by the top some falls and some is lifted. Everywhere else it goes where the gas goes.
 */
function trackGrit(use: TeeUse, inlet: Arm, outlet: Arm, cap: Arm, bottom: number): GritTrack[] {
  const comes = at(inlet.way, goOn(inlet));
  const centre = { x: 0, y: 0 };
  const stays: GritTrack = { points: [comes, centre, at(cap.way, bottom - cap.bore * 0.2)], stays: true };
  const goes: GritTrack = { points: [comes, centre, at(outlet.way, goOn(outlet))], stays: false };
  const turns = use.inlet.port === 'branch' || use.outlet.port === 'branch';
  if (!turns || !looksDown(use.cap.way)) return [goes];
  return use.inlet.port === 'branch' ? [stays, goes] : [stays];
}
