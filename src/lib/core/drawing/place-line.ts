import { getVector } from '../geometry/axis.ts';
import { projectIsometric, type Point } from '../geometry/isometric.ts';
import { addScaled, ORIGIN, type Vector } from '../geometry/vector.ts';
import { getAxisFrom } from '../runs/infer-fitting.ts';
import type { RunLayout } from '../runs/layout.ts';
import { FOOT, type Length } from '../units/length.ts';

/** The sheet the line is fitted to, in its own units (pixels on a screen, points on paper). */
export interface Sheet {
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  /** Height of lettering. */
  readonly letter: number;
}

/**
 * How long a leg is drawn: the square root of its feet, so that a 3 in nipple and a 60 ft trench are both readable.
 * A piping isometric is not to scale; its measures are.
 */
const getDrawnLength = (length: Length | null): number => Math.max(0.8, Math.sqrt((length ?? FOOT) / FOOT));

/** Places of the nodes, and the sheet they need: the one given, or larger where legs would come too close to read. */
export interface PlacedLine {
  readonly places: ReadonlyMap<string, Point>;
  readonly width: number;
  readonly height: number;
}

/**
 * Fits the whole run inside the margins of a sheet, centred. Never so small that the lettering of neighbouring legs
 * collides: then the sheet grows instead, and whoever shows it lets it be moved.
 */
export function placeLine(layout: RunLayout, sheet: Sheet): PlacedLine {
  const drawn = new Map<string, Vector>();
  for (const { leg, near, far, centreToCentre } of layout.legs.values()) {
    const from = drawn.get(near) ?? ORIGIN;
    if (!drawn.has(near)) drawn.set(near, from);
    if (drawn.has(far)) continue;
    drawn.set(far, addScaled(from, getVector(getAxisFrom(leg, near)), getDrawnLength(centreToCentre)));
  }
  return fitToSheet(new Map([...drawn].map(([id, at]) => [id, projectIsometric(at)])), sheet);
}

/** Letter heights that a drawn foot takes at most and at least. */
const LARGEST = 9;
const SMALLEST = 2.6;

function fitToSheet(points: ReadonlyMap<string, Point>, sheet: Sheet): PlacedLine {
  const xs = getRange([...points.values()].map((point) => point.x));
  const ys = getRange([...points.values()].map((point) => point.y));
  const margins = 2 * sheet.margin;
  const fitting = Math.min(
    (sheet.width - margins) / (xs.size || 1),
    (sheet.height - margins) / (ys.size || 1),
  );
  const scale = Math.max(sheet.letter * SMALLEST, Math.min(sheet.letter * LARGEST, fitting));
  const width = Math.max(sheet.width, xs.size * scale + margins);
  const height = Math.max(sheet.height, ys.size * scale + margins);
  const places = new Map<string, Point>();
  for (const [id, { x, y }] of points) {
    places.set(id, { x: width / 2 + (x - xs.middle) * scale, y: height / 2 + (y - ys.middle) * scale });
  }
  return { places, width, height };
}

/** Middle and extent of numbers; a loop, since a long list cannot be spread into arguments. */
function getRange(values: readonly number[]): { middle: number; size: number } {
  let [least, most] = [values[0] ?? 0, values[0] ?? 0];
  for (const value of values) {
    least = Math.min(least, value);
    most = Math.max(most, value);
  }
  return { middle: (least + most) / 2, size: most - least };
}
