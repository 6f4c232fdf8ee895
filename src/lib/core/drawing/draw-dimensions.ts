import type { Point } from '#core/geometry';
import { formatLength, type LengthUnit, getMeasureFormat } from '#core/units';
import type { Measure, RefPoint } from '#core/runs/document';
import { getTextWidth } from './draw-labels.ts';
import { getReadingTurn } from './place-label.ts';
import type { TakenRoom } from './taken-room.ts';
import { strokeAcross, along, getDistance } from './sheet-geometry.ts';
import type { Sink } from './sink.ts';

const LETTERS: Readonly<Record<RefPoint, string>> = {
  centre: 'c',
  face: 'f',
  end: 'e',
  back: 'b',
  wall: 'w',
};

/** `3 ft 7 1/4 in`, with `f–c` behind it where it is not from centre to centre. */
export function writeMeasure({ value, from, to }: Measure, unit: LengthUnit): string {
  const length = formatLength(value, getMeasureFormat(value, unit));
  const isPlain = from.at === 'centre' && to.at === 'centre';
  return isPlain ? length : `${length} ${LETTERS[from.at]}–${LETTERS[to.at]}`;
}

/** A figure that cannot be read is worse than a line that crosses another. */
const LABEL_COUNTS = 5;

/** A little off the pipe an extension line comes from. */
const towards = (foot: Point, end: Point, letter: number): Point => along(foot, end, letter * 0.8);

/** How far dimension lines stand off the pipe and from each other, in letter heights. */
const FIRST = 2.6;
const NEXT = 1.7;
const LEVELS = 7;

/**
 * Draws a measure that is not simply one leg's as a dimension line: beside the pipe, with lines to what it was taken from
 * and to, ticks at its ends, and the figure on it. It takes the nearest level on either side where nothing is yet.
 *
 *     ┼────────── 12 ft 4 in ──────────┼
 *     │                                │
 *     +======= pipe =========+=========+
 */
export function drawDimension(
  sink: Sink,
  measure: Measure,
  from: Point,
  to: Point,
  taken: TakenRoom,
  letter: number,
  unit: LengthUnit,
): void {
  const length = getDistance(from, to);
  if (length < 1) return;
  const text = writeMeasure(measure, unit);
  const [width, height] = [getTextWidth(text, letter), letter * 1.1];
  const normal = { x: -(to.y - from.y) / length, y: (to.x - from.x) / length };
  const turn = getReadingTurn(from, to);
  let best: { hits: number; a: Point; b: Point; at: Point } | null = null;
  for (let level = 0; level < LEVELS && best?.hits !== 0; level++) {
    for (const side of [1, -1]) {
      const off = (FIRST + level * NEXT) * letter * side;
      const move = ({ x, y }: Point) => ({ x: x + normal.x * off, y: y + normal.y * off });
      const [a, b] = [move(from), move(to)];
      const at = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
      // The extension lines may leave the pipe they belong to, but had better cross no other.
      const crossed = [from, to].map((foot) =>
        taken.countLine(towards(foot, move(foot), letter), move(foot)),
      );
      const label = taken.countLabel({ at, turn }, width, height);
      const hits = taken.countLine(a, b) + crossed[0]! + crossed[1]! + LABEL_COUNTS * label;
      if (!best || hits < best.hits) best = { hits, a, b, at };
      if (hits === 0) break;
    }
  }
  const { a, b, at } = best!;
  sink.stroke('dimension', [from, a], measure.id);
  sink.stroke('dimension', [to, b], measure.id);
  sink.stroke('dimension', [a, b], measure.id);
  for (const end of [a, b]) sink.stroke('dimension', strokeAcross(end, a, b, letter * 0.35), measure.id);
  sink.text('measure', at, turn, text, measure.id);
  taken.takeLine(a, b);
  taken.takeLabel({ at, turn }, width, height);
}
