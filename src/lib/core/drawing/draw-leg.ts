import { getMaterialTraits } from '#core/materials';
import {
  getVector,
  projectIsometric,
  type Point,
  type Quarters,
  addScaled,
  dot,
  ORIGIN,
  type Vector,
  getSquareWays,
  isAxis,
} from '#core/geometry';
import type { Link } from '#core/runs/fittings';
import type { LaidInline, LaidLeg } from '#core/runs/pieces';
import { getLegVector, getVectorFrom } from '#core/runs/document';
import { strokeAcross, along, getDistance } from './sheet-geometry.ts';
import { getBendInset, strokePipe } from './stroke-pipe.ts';
import type { Sink } from './sink.ts';

/** Draws the pipe of a leg, the parts in it, its flow, and for a slanting one the box that shows which way it slants. */
export function drawLeg(
  sink: Sink,
  laid: LaidLeg,
  from: Point,
  to: Point,
  letter: number,
  quarters: Quarters,
  /** Whether it is known which way the gas goes in it. */
  isDirected: boolean,
  /** Whether the tube goes round a corner at its near and at its far end. */
  bends: readonly [boolean, boolean] = [false, false],
): void {
  const { leg } = laid;
  if (leg.geometry.kind === 'made-up') {
    sink.stroke('made-up', [from, to], leg.id);
    return;
  }
  if (leg.geometry.kind === 'connector') {
    sink.stroke('connector', listWave(from, to, letter), leg.id);
    return;
  }
  drawSlantBox(sink, laid, from, to, quarters);
  const [begins, ends] = bends.map((isBent, i) => {
    const [own, other] = i === 0 ? [from, to] : [to, from];
    return isBent ? along(own, other, getBendInset(own, other, letter)) : own;
  }) as [Point, Point];
  const points = leg.geometry.kind === 'route' ? listWave(begins, ends, letter) : [begins, ends];
  strokePipe(sink, getMaterialTraits(leg.material).ink, points, letter, leg.id);
  for (const part of laid.inline) drawInline(sink, laid, part, from, to, letter);
  if (isDirected) drawFlow(sink, from, to, letter, leg.id);
}

/** What is flexible is drawn as it is: a wave between short straight ends. */
function listWave(from: Point, to: Point, letter: number): Point[] {
  const [length, height] = [getDistance(from, to), letter * 0.32];
  const end = Math.min(letter * 0.5, length * 0.15);
  const waves = Math.max(2, Math.round((length - 2 * end) / (letter * 0.75)));
  const points: Point[] = [from];
  const steps = waves * 8;
  for (let i = 0; i <= steps; i++) {
    const on = along(from, to, end + ((length - 2 * end) * i) / steps);
    const [side] = strokeAcross(on, from, to, height * Math.sin((2 * Math.PI * waves * i) / steps));
    points.push(side);
  }
  return [...points, to];
}

/** The square steps a slanting leg makes one after another: on paper alone its slope could be misread. */
function listSquareSteps({ leg, near }: LaidLeg): Vector[] {
  const { geometry } = leg;
  if (geometry.kind === 'offset') {
    const ways = [geometry.along, geometry.set.way, ...(geometry.roll ? [geometry.roll.way] : [])];
    const own = getLegVector(leg);
    const sign = leg.from === near ? 1 : -1;
    return ways.map((way) => scale(getVector(way), dot(own, getVector(way)) * sign));
  }
  if (geometry.kind !== 'axis' || isAxis(geometry.axis)) return [];
  const own = getVectorFrom(leg, near);
  return getSquareWays(geometry.axis).map((way) => scale(getVector(way), dot(own, getVector(way))));
}

/**
 * Draws what of a chosen transition stands between a node and the pipe: a body for each part, one after another, outward from the node.
 *
 *     node |=[ ]=[ ]======== pipe
 */
export function drawChain(sink: Sink, links: readonly Link[], at: Point, other: Point, letter: number): void {
  const room = Math.min(letter * 0.62, getDistance(at, other) / (2 * links.length + 3));
  for (const [i, { id, part }] of links.entries()) {
    const bar = (off: number, half: number) => strokeAcross(along(at, other, off), at, other, half);
    const from = room * (1.4 + 1.35 * i);
    const half = letter * (part.seats.length > 0 ? 0.52 : 0.36);
    const [a, b] = bar(from, half);
    const [d, c] = bar(from + room, half);
    sink.stroke('transition', [a, b, c, d, a], id);
  }
}

const scale = (vector: Vector, by: number): Vector => addScaled(ORIGIN, vector, by);

function drawSlantBox(sink: Sink, laid: LaidLeg, from: Point, to: Point, quarters: Quarters): void {
  const steps = listSquareSteps(laid);
  if (steps.length === 0) return;
  const whole = projectIsometric(getVectorFrom(laid.leg, laid.near), quarters);
  const size = getDistance(from, to) / (Math.hypot(whole.x, whole.y) || 1);
  const points = [from];
  for (const step of steps) {
    const last = points.at(-1)!;
    const { x, y } = projectIsometric(step, quarters);
    points.push({ x: last.x + x * size, y: last.y + y * size });
  }
  sink.stroke('construction', points, laid.leg.id);
}

/** Where a part stands on the drawn leg: at its share of the length. */
export const placeInline = (laid: LaidLeg, part: LaidInline, from: Point, to: Point): Point => {
  const share = part.at === null || !laid.centreToCentre ? 0.5 : part.at / laid.centreToCentre;
  return along(from, to, getDistance(from, to) * Math.min(0.94, Math.max(0.06, share)));
};

function drawInline(
  sink: Sink,
  laid: LaidLeg,
  part: LaidInline,
  from: Point,
  to: Point,
  letter: number,
): void {
  const size = letter * 0.5;
  const at = placeInline(laid, part, from, to);
  const kind = part.part?.kind ?? laid.leg.inline[part.id]?.part ?? 'coupling';
  const bar = (off: number, half: number) => strokeAcross(along(at, to, off), from, to, half);
  if (kind === 'valve') {
    const [a, b] = bar(-size * 1.3, size * 0.95);
    const [c, d] = bar(size * 1.3, size * 0.95);
    sink.stroke('valve', [a, d, c, b, a], part.id);
  } else if (kind === 'union') {
    sink.stroke('face', bar(-size * 0.9, size * 0.8), part.id);
    sink.stroke('union', bar(0, size * 1.25), part.id);
    sink.stroke('face', bar(size * 0.9, size * 0.8), part.id);
  } else {
    sink.stroke('face', bar(-size * 0.7, size * 0.9), part.id);
    sink.stroke('face', bar(size * 0.7, size * 0.9), part.id);
  }
}

function drawFlow(sink: Sink, from: Point, to: Point, letter: number, subject: string): void {
  const length = getDistance(from, to);
  const size = letter * 0.45;
  if (length < size * 6) return;
  const tip = along(from, to, length * 0.78 + size / 2);
  const [left, right] = strokeAcross(along(from, to, length * 0.78 - size / 2), from, to, size * 0.7);
  sink.stroke('flow', [left, tip, right], subject);
}
