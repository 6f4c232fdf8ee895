import { projectIsometric, type Point, type Quarters, addScaled, ORIGIN, type Vector } from '#core/geometry';
import type { LaidLeg } from '#core/runs/pieces';
import type { RunLayout } from '#core/runs/layout';
import { getVectorFrom } from '#core/runs/document';
import { FOOT, type Length } from '#core/units';
import { findRange } from './sheet-geometry.ts';

/** The sheet the line is drawn for, in its own units (pixels on a screen, points on paper). */
export interface Sheet {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  /** Height of lettering. */
  readonly letter: number;
  readonly quarters: Quarters;
}

/**
 * How long a leg is drawn: the square root of its feet, so that a 3 in nipple and a 60 ft trench are both readable.
 * A piping isometric is not to scale; its measures are.
 */
const getDrawnLength = (length: Length | null): number => Math.max(0.8, Math.sqrt((length ?? FOOT) / FOOT));
/** Fitting in fitting is drawn shorter than the shortest pipe. */
const MADE_UP = 0.42;
/** What is flexible goes as far as it is led: one length for all. */
const FLEXIBLE = 1.5;

/** Where the nodes lie: the source at 0, 0, so that a leg more moves nothing that is drawn already. */
export interface PlacedLine {
  readonly points: ReadonlyMap<string, Point>;
  /** Sheet units a drawn foot takes. */
  readonly scale: number;
}

/** Places the nodes of a run round its source, at a scale that fits the sheet as far as the lettering allows. */
export function placeLine(layout: RunLayout, sheet: Sheet): PlacedLine {
  const drawn = new Map<string, Vector>();
  for (const laid of layout.legs.values()) {
    const from = drawn.get(laid.near) ?? ORIGIN;
    if (!drawn.has(laid.near)) drawn.set(laid.near, from);
    if (!drawn.has(laid.far)) drawn.set(laid.far, addScaled(from, ...getDrawnStep(laid)));
  }
  const flat = new Map([...drawn].map(([id, at]) => [id, projectIsometric(at, sheet.quarters)]));
  const scale = findScale([...flat.values()], sheet);
  const points = new Map<string, Point>();
  for (const [id, { x, y }] of flat) points.set(id, { x: x * scale, y: y * scale });
  return { points, scale };
}

function getDrawnStep({ leg, near, centreToCentre }: LaidLeg): [way: Vector, length: number] {
  const { kind } = leg.geometry;
  const length =
    kind === 'made-up' ? MADE_UP : kind === 'connector' ? FLEXIBLE : getDrawnLength(centreToCentre);
  return [getVectorFrom(leg, near), length];
}

/** Where the far end of a leg that is being tried out lies, seen from a node that is placed already. */
export function placeFarEnd(from: Point, laid: LaidLeg, scale: number, quarters: Quarters): Point {
  const { x, y } = projectIsometric(addScaled(ORIGIN, ...getDrawnStep(laid)), quarters);
  return { x: from.x + x * scale, y: from.y + y * scale };
}

/** Letter heights that a drawn foot takes at most and at least. */
const LARGEST = 9;
const SMALLEST = 3;
/** Scales differ by this factor: the drawing keeps its scale while it grows a little. */
const STEP = 1.2;

function findScale(points: readonly Point[], sheet: Sheet): number {
  const [left, right] = findRange(points, 'x');
  const [top, bottom] = findRange(points, 'y');
  const [width, height] = [right - left, bottom - top];
  const margins = 2 * sheet.margin;
  const fitting = Math.min((sheet.width - margins) / (width || 1), (sheet.height - margins) / (height || 1));
  const [least, most] = [sheet.letter * SMALLEST, sheet.letter * LARGEST];
  if (fitting >= most) return most;
  const steps = Math.ceil(Math.log(most / Math.max(fitting, least)) / Math.log(STEP));
  return Math.max(least, most / STEP ** steps);
}
