import type { Point } from '../geometry/isometric.ts';
import type { LaidLeg, LaidNode, RunLayout } from '../runs/layout.ts';
import { findSource } from '../runs/run.ts';
import { formatLength } from '../units/format-length.ts';
import type { LengthUnit } from '../units/length.ts';
import { getMeasureFormat } from '../units/written-length.ts';
import { coverLabel, coverLine, placeLabel, type Box, type LabelPlace } from './place-label.ts';
import { placeLine, type PlacedLine, type Sheet } from './place-line.ts';
import type { Sink } from './sink.ts';

/**
 * Draws a run as the trade draws it: an isometric single line, a tick across the pipe at every face, a bar at a cap,
 * a ring at a bare end, an arrow for the flow, the measure as taken along each leg and its mark in a ring on it.
 * Not to scale (placeLine). The subject of a shape is the id of the leg or node it belongs to. Gives the places of the
 * nodes and the size of the sheet that was needed.
 */
export function drawLine(layout: RunLayout, sink: Sink, sheet: Sheet, unit: LengthUnit): PlacedLine {
  const placed = placeLine(layout, sheet);
  const { places } = placed;
  const legs = [...layout.legs.values()].map((leg) => ({
    leg,
    from: places.get(leg.near)!,
    to: places.get(leg.far)!,
  }));
  for (const { leg, from, to } of legs) {
    sink.stroke('pipe', [from, to], leg.id);
    drawFlow(sink, from, to, sheet, leg.id);
  }
  const source = findSource(layout.doc);
  for (const node of layout.nodes.values()) {
    const at = places.get(node.id);
    if (at) drawNode(sink, node, at, places, layout, sheet, node.id === source);
  }
  const taken = legs.flatMap(({ from, to }) => coverLine(from, to, sheet.letter * 0.5));
  for (const each of legs)
    drawLabels(
      sink,
      each.leg,
      each.from,
      each.to,
      taken,
      { ...sheet, width: placed.width, height: placed.height },
      unit,
    );
  return placed;
}

/** The point a given way along from one point toward another. */
function along(from: Point, to: Point, distance: number): Point {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return {
    x: from.x + ((to.x - from.x) / length) * distance,
    y: from.y + ((to.y - from.y) / length) * distance,
  };
}

/** A short stroke square across the line from → to, at a point of it. */
function across(at: Point, from: Point, to: Point, half: number): [Point, Point] {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [x, y] = [(-(to.y - from.y) / length) * half, ((to.x - from.x) / length) * half];
  return [
    { x: at.x + x, y: at.y + y },
    { x: at.x - x, y: at.y - y },
  ];
}

function drawFlow(sink: Sink, from: Point, to: Point, sheet: Sheet, subject: string): void {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const size = sheet.letter * 0.45;
  if (length < size * 6) return;
  const tip = along(from, to, length * 0.78 + size / 2);
  const [left, right] = across(along(from, to, length * 0.78 - size / 2), from, to, size * 0.7);
  sink.stroke('flow', [left, tip, right], subject);
}

function drawNode(
  sink: Sink,
  node: LaidNode,
  at: Point,
  places: ReadonlyMap<string, Point>,
  layout: RunLayout,
  sheet: Sheet,
  isSource: boolean,
): void {
  const size = sheet.letter * 0.5;
  const others = node.legs.map((leg) => places.get(leg.from === node.id ? leg.to : leg.from)!);
  if (node.fitting.kind === 'none') sink.mark('no-fitting', at, size * 1.4, node.id);
  else if (node.fitting.kind === 'open') {
    const [other] = others;
    if (isSource && other) sink.stroke('source', drawSourceArrow(at, other, size * 2), node.id);
    else sink.mark('open-end', at, size * 0.8, node.id);
  } else if (node.fitting.part.kind === 'cap') {
    for (const back of [0, size * 0.8]) {
      sink.stroke('cap', across(along(at, others[0]!, back), at, others[0]!, size * 1.3), node.id);
    }
  } else {
    const reach = Math.min(
      size * 1.6,
      ...others.map((other) => Math.hypot(other.x - at.x, other.y - at.y) / 3),
    );
    for (const other of others) {
      sink.stroke('face', across(along(at, other, reach), at, other, size * 0.9), node.id);
    }
  }
  sink.mark('node', at, size * 0.45, node.id);
}

/** A barbed arrow that ends at the source: here the gas comes in. */
function drawSourceArrow(at: Point, other: Point, size: number): Point[] {
  const tail = along(at, other, -size);
  const [left, right] = across(tail, at, other, size * 0.55);
  return [left, at, right, left];
}

function drawLabels(
  sink: Sink,
  { leg, centreToCentre }: LaidLeg,
  from: Point,
  to: Point,
  taken: Box[],
  sheet: Sheet,
  unit: LengthUnit,
): void {
  const { letter } = sheet;
  const ring = letter * 0.82;
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const measure =
    centreToCentre === null ? '?' : formatLength(centreToCentre, getMeasureFormat(centreToCentre, unit));
  const width = measure.length * letter * 0.46;
  const drawMeasure = () => {
    const places = getPlacesBeside(from, to, width, letter * 1.1);
    const place = placeLabel(places, width, letter * 1.1, taken, sheet);
    taken.push(...coverLabel(place, width, letter * 1.1));
    sink.text('measure', place.at, place.turn, measure, leg.id);
  };
  const drawTag = (at: Point) => {
    sink.mark('tag', at, ring, leg.id);
    sink.text('tag', at, 0, String(leg.tag), leg.id);
    taken.push({ at, width: ring * 2, height: ring * 2 });
  };
  // The mark sits on its pipe; on a pipe too short for it, beside, where the measure leaves room.
  if (length > ring * 4) {
    drawTag(along(from, to, length / 2));
    drawMeasure();
  } else {
    drawMeasure();
    const beside = getPlacesBeside(from, to, letter * 1.6, letter * 1.6);
    drawTag(placeLabel(beside, ring * 2, ring * 2, taken, sheet).at);
  }
}

/**
 * Places for a label on either side of a leg, best first: along a slanting leg turned with it, beside an upright one
 * level; first at its middle, then toward its ends and farther off.
 */
function getPlacesBeside(from: Point, to: Point, width: number, height: number): LabelPlace[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [nx, ny] = [-(to.y - from.y) / length, (to.x - from.x) / length];
  const upright = Math.abs(to.x - from.x) < 1;
  const slant = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const turn = upright ? 0 : slant > 90 ? slant - 180 : slant < -90 ? slant + 180 : slant;
  const off = upright ? width / 2 + height * 0.95 : height * 1.4;
  // Above a slanting leg, right of an upright one, before the other side.
  const first = upright ? (nx > 0 ? 1 : -1) : ny < 0 ? 1 : -1;
  const places: LabelPlace[] = [];
  for (const far of [1, 1.5, 2.2]) {
    for (const share of [0.5, 0.3, 0.7, 0.1, 0.9]) {
      for (const side of [first, -first]) {
        const at = along(from, to, length * share);
        places.push({ at: { x: at.x + nx * off * side * far, y: at.y + ny * off * side * far }, turn });
      }
    }
  }
  return places;
}
