import type { Point } from '../geometry/isometric.ts';

/** An upright box on the sheet, by its middle. */
export interface Box {
  readonly at: Point;
  readonly width: number;
  readonly height: number;
}

/** A place a label may take: its middle, and how it is turned (degrees clockwise). */
export interface LabelPlace {
  readonly at: Point;
  readonly turn: number;
}

/** Do two boxes overlap? */
export const overlaps = (a: Box, b: Box): boolean =>
  Math.abs(a.at.x - b.at.x) * 2 < a.width + b.width && Math.abs(a.at.y - b.at.y) * 2 < a.height + b.height;

/** Small boxes strung along a line, so that a slanting thing covers no more than itself. */
export function coverLine(from: Point, to: Point, size: number): Box[] {
  const steps = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / size));
  return Array.from({ length: steps + 1 }, (_, i) => ({
    at: { x: from.x + ((to.x - from.x) * i) / steps, y: from.y + ((to.y - from.y) * i) / steps },
    width: size,
    height: size,
  }));
}

/** The boxes a turned label covers. */
export function coverLabel({ at, turn }: LabelPlace, width: number, height: number): Box[] {
  const half = Math.max(0, width - height) / 2;
  const [dx, dy] = [Math.cos((turn * Math.PI) / 180) * half, Math.sin((turn * Math.PI) / 180) * half];
  return coverLine({ x: at.x - dx, y: at.y - dy }, { x: at.x + dx, y: at.y + dy }, height);
}

const isOnSheet = ({ at, width, height }: Box, sheet: { readonly width: number; readonly height: number }) =>
  at.x >= width / 2 &&
  at.y >= height / 2 &&
  at.x <= sheet.width - width / 2 &&
  at.y <= sheet.height - height / 2;

/** The first of the places (best first) on the sheet where a label hits nothing; where all hit, the one that hits least. */
export function placeLabel(
  places: readonly LabelPlace[],
  width: number,
  height: number,
  taken: readonly Box[],
  sheet: { readonly width: number; readonly height: number },
): LabelPlace {
  let [best, fewest] = [places[0], Infinity];
  for (const place of places) {
    const boxes = coverLabel(place, width, height);
    if (!boxes.every((box) => isOnSheet(box, sheet))) continue;
    const hits = taken.filter((other) => boxes.some((box) => overlaps(box, other))).length;
    if (hits < fewest) [best, fewest] = [place, hits];
    if (hits === 0) break;
  }
  if (!best) throw new Error('a label needs at least one place');
  return best;
}
