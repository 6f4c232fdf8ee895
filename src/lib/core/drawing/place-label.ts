import type { Box, LabelPlace } from './label-box.ts';
import type { Point } from '#core/geometry';
import { along, getDistance } from './sheet-geometry.ts';
import type { TakenRoom } from './taken-room.ts';

/** Small boxes strung along a line, so that a slanting thing covers no more than itself. */
export function coverLine(from: Point, to: Point, size: number): Box[] {
  const steps = Math.max(1, Math.ceil(getDistance(from, to) / size));
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

/** The first of the places (best first) where a label hits nothing; where all hit, the one that hits least. */
export function placeLabel(
  places: readonly LabelPlace[],
  width: number,
  height: number,
  taken: TakenRoom,
): LabelPlace {
  let [best, fewest] = [places[0], Infinity];
  for (const place of places) {
    const hits = taken.countLabel(place, width, height, fewest);
    if (hits < fewest) [best, fewest] = [place, hits];
    if (hits === 0) break;
  }
  if (!best) throw new Error('a label needs at least one place');
  return best;
}

/** How text along a line is turned (degrees clockwise) so that it is never upside down. */
export function getReadingTurn(from: Point, to: Point): number {
  const slant = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return slant > 90 ? slant - 180 : slant < -90 ? slant + 180 : slant;
}

/**
 * Places for a label on either side of a leg, best first: along a slanting leg turned with it, beside an upright one
 * level; first at its middle, then toward its ends and farther off.
 */
export function getPlacesBeside(from: Point, to: Point, width: number, height: number): LabelPlace[] {
  const length = getDistance(from, to) || 1;
  const [nx, ny] = [-(to.y - from.y) / length, (to.x - from.x) / length];
  const upright = Math.abs(to.x - from.x) < 1;
  const turn = upright ? 0 : getReadingTurn(from, to);
  const off = upright ? width / 2 + height * 0.95 : height * 1.4;
  // Above a slanting leg, right of an upright one, before the other side.
  const first = upright ? (nx > 0 ? 1 : -1) : ny < 0 ? 1 : -1;
  const places: LabelPlace[] = [];
  for (const far of [1, 1.5, 2.2, 3]) {
    for (const share of [0.5, 0.3, 0.7, 0.1, 0.9]) {
      for (const side of [first, -first]) {
        const at = along(from, to, length * share);
        places.push({ at: { x: at.x + nx * off * side * far, y: at.y + ny * off * side * far }, turn });
      }
    }
  }
  return places;
}
