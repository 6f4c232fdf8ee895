import type { Point } from '#core/geometry';
import type { MaterialTraits } from '#core/materials';
import { getDistance } from './sheet-geometry.ts';
import type { Sink } from './sink.ts';

/** How far before a drawn corner a tube begins to go round it, on a sheet of this lettering. */
export const getBendInset = (corner: Point, other: Point, letter: number): number =>
  Math.min(letter * 1.5, getDistance(corner, other) * 0.4);

/** Draws pipe along these points in the manner of its material: copper as two thin lines, all else as one. */
export function strokePipe(
  sink: Sink,
  ink: MaterialTraits['ink'],
  points: readonly Point[],
  letter: number,
  subject: string,
): void {
  if (ink !== 'copper') {
    sink.stroke(ink, points, subject);
    return;
  }
  for (const side of [-1, 1]) sink.stroke(ink, moveAside(points, side * letter * 0.17), subject);
}

/** The line beside a line: each point moved square to the way the line has there. */
const moveAside = (points: readonly Point[], by: number): Point[] =>
  points.map((point, i) => {
    const [before, after] = [points[Math.max(0, i - 1)]!, points[Math.min(points.length - 1, i + 1)]!];
    const length = getDistance(before, after) || 1;
    return {
      x: point.x - ((after.y - before.y) / length) * by,
      y: point.y + ((after.x - before.x) / length) * by,
    };
  });
