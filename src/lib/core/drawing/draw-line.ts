import { getZoneOf, findSource, type Measure, type Ref, findLegOfPart } from '#core/runs/document';
import type { Point } from '#core/geometry';
import type { LaidLeg, LaidNode } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { traceFlow } from '#core/flow';
import { listDrops, judgeDrop } from '#core/traps';
import { formatLength, type LengthUnit, getMeasureFormat } from '#core/units';
import { drawDimension, writeMeasure } from './draw-dimensions.ts';
import { drawZone, ZONE_LETTERS } from './draw-zone.ts';
import { drawLegLabels, drawUnder } from './draw-labels.ts';
import { drawChain, drawLeg, placeInline } from './draw-leg.ts';
import { drawNode, getApplianceBox } from './draw-node.ts';
import { placeFarEnd, placeLine, type PlacedLine, type Sheet } from './place-line.ts';
import { strokeAcross, along, getDistance } from './sheet-geometry.ts';
import type { Sink } from './sink.ts';
import { TakenRoom } from './taken-room.ts';

/**
 * Draws a run as the trade draws it: an isometric single line, a tick across the pipe at every face, a bar at a cap,
 * a ring at a bare end, an arrow for the flow, the measures as they were taken, sizes where they change, and the mark of
 * each leg in a ring on it. Not to scale (placeLine). The subject of a shape is the id of the leg, node, part or measure it
 * belongs to. Gives the points of the nodes.
 */
export function drawLine(layout: RunLayout, sink: Sink, sheet: Sheet, unit: LengthUnit): PlacedLine {
  const placed = placeLine(layout, sheet);
  const { points } = placed;
  const { letter, quarters } = sheet;
  const taken = new TakenRoom(letter * 0.7);
  const source = findSource(layout.doc);
  const { directed } = traceFlow(layout);
  for (const laid of layout.legs.values()) {
    const [from, to] = [points.get(laid.near)!, points.get(laid.far)!];
    const bends = [isBent(layout, laid.near), isBent(layout, laid.far)] as const;
    drawLeg(sink, laid, from, to, letter, quarters, directed.has(laid.id), bends);
    const zone = getZoneOf(layout, laid.leg);
    if (zone) drawZone(sink, zone, from, to, letter, laid.id);
    taken.takeLine(from, to);
  }
  drawChains(sink, layout, points, letter);
  for (const node of layout.nodes.values()) {
    const at = points.get(node.id);
    if (!at) continue;
    const others = listOthers(node, points);
    drawNode(sink, node, at, others, node.id === source, letter);
    if (others[0] && node.node.terminal?.kind === 'appliance') takeAppliance(taken, at, others[0], letter);
  }
  const own = findOwnMeasures(layout);
  for (const laid of layout.legs.values()) {
    if (laid.leg.geometry.kind === 'made-up' || laid.leg.geometry.kind === 'connector') continue;
    const letters = {
      measure: writeOwn(laid, own.get(laid.id), layout, unit),
      size: writeSizeAndZone(laid, layout),
    };
    drawLegLabels(sink, laid, letters, points.get(laid.near)!, points.get(laid.far)!, taken, letter);
  }
  drawNames(sink, layout, points, taken, letter);
  drawDrops(sink, layout, points, taken, letter);
  const plain = new Set([...own.values()].map(({ id }) => id));
  const others = Object.values(layout.doc.measures).filter(({ id }) => !plain.has(id));
  for (const measure of others.sort((a, b) => a.value - b.value)) {
    const [from, to] = [placeRef(layout, measure.from, points), placeRef(layout, measure.to, points)];
    if (from && to) drawDimension(sink, measure, from, to, taken, letter, unit);
  }
  return placed;
}

/**
 * Draws only a leg that is being tried out, at the points of the run it grows from: what is drawn already stays as it is
 * while a measure is typed. Nothing where its beginning is not placed.
 */
export function drawDraft(
  draft: RunLayout,
  leg: string,
  placed: PlacedLine,
  sink: Sink,
  sheet: Sheet,
  unit: LengthUnit,
): void {
  const laid = draft.legs.get(leg);
  if (!laid) return;
  const from = placed.points.get(laid.near) ?? { x: 0, y: 0 };
  const to = placeFarEnd(from, laid, placed.scale, sheet.quarters);
  drawLeg(sink, laid, from, to, sheet.letter, sheet.quarters, true);
  const far = draft.nodes.get(laid.far)!;
  drawNode(sink, far, to, [from], false, sheet.letter);
  const [measure] = Object.values(draft.doc.measures).filter((each) => each.to.id === laid.far);
  const letters = { measure: measure ? writeMeasure(measure, unit) : writeLength(laid, unit), size: null };
  drawLegLabels(sink, laid, letters, from, to, new TakenRoom(sheet.letter * 0.7), sheet.letter);
}

function drawChains(
  sink: Sink,
  { chains }: RunLayout,
  points: ReadonlyMap<string, Point>,
  letter: number,
): void {
  for (const { pick, leg, links } of chains.at.values()) {
    const [at, other] = [points.get(pick.station), points.get(pick.station === leg.from ? leg.to : leg.from)];
    if (at && other) drawChain(sink, links, at, other, letter);
  }
}

/** Whether a tube goes round a corner at a node. */
const isBent = ({ nodes }: RunLayout, node: string): boolean => {
  const { fitting } = nodes.get(node)!;
  return fitting.kind === 'bend' && fitting.degrees > 0;
};

/** Nothing is written over an appliance. */
function takeAppliance(taken: TakenRoom, at: Point, other: Point, letter: number): void {
  const { length, half } = getApplianceBox(letter);
  const [near, far] = [
    strokeAcross(at, at, other, half),
    strokeAcross(along(at, other, -length), at, other, half),
  ];
  for (const share of [0, 0.5, 1]) {
    const on = ([a, b]: readonly Point[]): Point => along(a!, b!, getDistance(a!, b!) * share);
    taken.takeLine(on(near), on(far));
  }
}

const listOthers = (node: LaidNode, points: ReadonlyMap<string, Point>): Point[] =>
  node.legs.map((leg) => points.get(leg.from === node.id ? leg.to : leg.from)!);

/** Leg id → the measure written along it: the one taken between its two ends. */
function findOwnMeasures({ doc, legs }: RunLayout): Map<string, Measure> {
  const byEnds = new Map([...legs.values()].map(({ id, leg }) => [`${leg.from} ${leg.to}`, id]));
  const own = new Map<string, Measure>();
  for (const measure of Object.values(doc.measures)) {
    const { from, to } = measure;
    if (from.kind !== 'node' || to.kind !== 'node' || measure.along) continue;
    const leg = byEnds.get(`${from.id} ${to.id}`) ?? byEnds.get(`${to.id} ${from.id}`);
    if (leg && !own.has(leg)) own.set(leg, measure);
  }
  return own;
}

function writeOwn(
  laid: LaidLeg,
  measure: Measure | undefined,
  { solved }: RunLayout,
  unit: LengthUnit,
): string | null {
  if (measure) return laid.centreToCentre === null ? '?' : writeMeasure(measure, unit);
  if (laid.centreToCentre === null) return '?';
  // What is worked out from dimension lines is not written twice; the travel of an offset has no other place.
  return solved.derived.get(laid.id)?.kind === 'offset' ? writeLength(laid, unit) : null;
}

const writeLength = ({ centreToCentre }: LaidLeg, unit: LengthUnit): string =>
  centreToCentre === null ? '?' : formatLength(centreToCentre, getMeasureFormat(centreToCentre, unit));

function writeSize({ leg, near, depth }: LaidLeg, { nodes }: RunLayout): string | null {
  const inlet = depth === 0 ? null : nodes.get(near)!.legs[0];
  return inlet && inlet !== leg && inlet.size === leg.size ? null : leg.size;
}

/** The size where it changes, and the letter of the place it runs in. */
function writeSizeAndZone(laid: LaidLeg, layout: RunLayout): string | null {
  const zone = getZoneOf(layout, laid.leg);
  const parts = [writeSize(laid, layout), zone ? ZONE_LETTERS[zone] : null].filter((each) => each !== null);
  return parts.length > 0 ? parts.join(' ') : null;
}

function drawNames(
  sink: Sink,
  layout: RunLayout,
  points: ReadonlyMap<string, Point>,
  taken: TakenRoom,
  letter: number,
): void {
  for (const node of layout.nodes.values()) {
    const at = points.get(node.id);
    const [other] = listOthers(node, points);
    if (node.node.terminal?.kind !== 'appliance' || !at || !other) continue;
    const below = along(at, other, -letter * 1.2);
    drawUnder(sink, node.node.terminal.name, node.id, below, along(at, other, -letter * 2.4), taken, letter);
  }
}

/** The trap of a drop has its name under its cap; a drop that is not right has a triangle where its appliance stands. */
function drawDrops(
  sink: Sink,
  layout: RunLayout,
  points: ReadonlyMap<string, Point>,
  taken: TakenRoom,
  letter: number,
): void {
  for (const drop of listDrops(layout)) {
    const at = points.get(drop.node.id);
    const [other] = listOthers(drop.node, points);
    const nipple = drop.trap?.nipple.leg;
    const [tee, cap] = nipple ? [points.get(nipple.near), points.get(nipple.far)] : [];
    if (nipple && tee && cap) {
      const [below, beyond] = [along(cap, tee, -letter * 0.6), along(cap, tee, -letter * 1.5)];
      drawUnder(sink, 'trap', nipple.far, below, beyond, taken, letter);
    }
    if (!at || !other || judgeDrop(drop).headline.severity === 'note') continue;
    drawFault(sink, along(at, other, -getApplianceBox(letter).length / 2), letter, drop.node.id);
  }
}

/** A triangle, its point up, with a stroke in it. */
function drawFault(sink: Sink, { x, y }: Point, letter: number, subject: string): void {
  const size = letter * 0.62;
  const [top, left, right] = [
    { x, y: y - size },
    { x: x - size, y: y + size * 0.8 },
    { x: x + size, y: y + size * 0.8 },
  ];
  sink.stroke('fault', [top, left, right, top], subject);
  sink.stroke(
    'fault',
    [
      { x, y: y - size * 0.3 },
      { x, y: y + size * 0.35 },
    ],
    subject,
  );
}

function placeRef(layout: RunLayout, ref: Ref, points: ReadonlyMap<string, Point>): Point | null {
  if (ref.kind === 'node') return points.get(ref.id) ?? null;
  const leg = findLegOfPart(layout.doc, ref.id);
  const laid = leg && layout.legs.get(leg.id);
  const part = laid?.inline.find(({ id }) => id === ref.id);
  const [from, to] = laid ? [points.get(laid.near), points.get(laid.far)] : [];
  return laid && part && from && to ? placeInline(laid, part, from, to) : null;
}
