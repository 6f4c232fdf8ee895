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
const getDrawnLength = (length: Length | null): number =>
  Math.max(0.8, Math.sqrt((length ?? FOOT) / FOOT));

/** Node id → place on the sheet, the whole run fitted inside the margins and centred. */
export function placeLine(layout: RunLayout, sheet: Sheet): Map<string, Point> {
  const drawn = new Map<string, Vector>();
  for (const { leg, near, far, centreToCentre } of layout.legs.values()) {
    const from = drawn.get(near) ?? ORIGIN;
    if (!drawn.has(near)) drawn.set(near, from);
    if (drawn.has(far)) continue;
    drawn.set(far, addScaled(from, getVector(getAxisFrom(leg, near)), getDrawnLength(centreToCentre)));
  }
  return fitToSheet(new Map([...drawn].map(([id, at]) => [id, projectIsometric(at)])), sheet);
}

function fitToSheet(points: ReadonlyMap<string, Point>, sheet: Sheet): Map<string, Point> {
  const xs = [...points.values()].map((point) => point.x);
  const ys = [...points.values()].map((point) => point.y);
  const [left, right] = [minimum(xs), -minimum(xs.map((x) => -x))];
  const [top, bottom] = [minimum(ys), -minimum(ys.map((y) => -y))];
  const room = { x: sheet.width - 2 * sheet.margin, y: sheet.height - 2 * sheet.margin };
  const largest = sheet.letter * 9;
  const scale = Math.min(largest, room.x / (right - left || 1), room.y / (bottom - top || 1));
  const [middleX, middleY] = [(left + right) / 2, (top + bottom) / 2];
  return new Map(
    [...points].map(([id, { x, y }]) => [
      id,
      { x: sheet.width / 2 + (x - middleX) * scale, y: sheet.height / 2 + (y - middleY) * scale },
    ]),
  );
}

/** Math.min of a list too long to be spread into arguments; 0 for none. */
const minimum = (values: readonly number[]): number =>
  values.reduce((least, value) => Math.min(least, value), values[0] ?? 0);
