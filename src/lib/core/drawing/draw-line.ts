import type { Point } from '../geometry/isometric.ts';
import type { LaidLeg, LaidNode, RunLayout } from '../runs/layout.ts';
import { findSource } from '../runs/run.ts';
import { formatLength } from '../units/format-length.ts';
import type { LengthUnit } from '../units/length.ts';
import { getMeasureFormat } from '../units/written-length.ts';
import { coverLine, placeLabel, type Box } from './place-label.ts';
import { placeLine, type Sheet } from './place-line.ts';
import type { Sink } from './sink.ts';

/**
 * Draws a run as the trade draws it: an isometric single line, a tick across the pipe at every face, a bar at a cap,
 * a ring at a bare end, an arrow for the flow, the measure as taken beside each leg and its mark in a ring.
 * Not to scale (placeLine). The subject of a shape is the id of the leg or node it belongs to.
 */
export function drawLine(layout: RunLayout, sink: Sink, sheet: Sheet, unit: LengthUnit): void {
  const places = placeLine(layout, sheet);
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
  for (const each of legs) drawLabels(sink, each.leg, each.from, each.to, taken, sheet, unit);
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
  const tip = along(from, to, length * 0.66 + size / 2);
  const [left, right] = across(along(from, to, length * 0.66 - size / 2), from, to, size * 0.7);
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
    const reach = Math.min(size * 1.6, ...others.map((other) => Math.hypot(other.x - at.x, other.y - at.y) / 3));
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
  const measure =
    centreToCentre === null ? '?' : formatLength(centreToCentre, getMeasureFormat(centreToCentre, unit));
  const width = measure.length * letter * 0.5 + letter * 0.4;
  const tag = placeLabel(getPlacesBeside(from, to, letter * 1.5, letter * 1.5), letter * 1.7, letter * 1.7, taken);
  taken.push(tag);
  sink.mark('tag', tag.at, letter * 0.82, leg.id);
  sink.text('tag', tag.at, String(leg.tag), leg.id);
  const places = getPlacesBeside(from, to, width, letter * 1.2);
  const label = placeLabel(places, width, letter * 1.2, taken);
  taken.push(label);
  sink.text('measure', label.at, measure, leg.id);
}

/** Places on either side of a leg for a label of this size: first at its middle, then toward its ends and farther off. */
function getPlacesBeside(from: Point, to: Point, width: number, height: number): Point[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [nx, ny] = [-(to.y - from.y) / length, (to.x - from.x) / length];
  const off = Math.abs(nx) * width * 0.5 + Math.abs(ny) * height * 0.5 + height * 0.35;
  const places: Point[] = [];
  for (const far of [1, 1.35, 1.9]) {
    for (const share of [0.5, 0.32, 0.68, 0.16, 0.84]) {
      for (const side of [-1, 1]) {
        places.push({
          x: from.x + (to.x - from.x) * share + nx * off * side * far,
          y: from.y + (to.y - from.y) * share + ny * off * side * far,
        });
      }
    }
  }
  return places;
}
