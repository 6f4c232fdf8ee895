import type { Point } from '#core/geometry';
import type { InkShape, TextShape } from '#core/drawing';

/** Everything drawn in one manner, as one path: a run of hundreds of legs stays a handful of elements. */
export interface Ink {
  readonly role: string;
  readonly path: string;
}

const write = ({ x, y }: Point): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

const writeShape = (shape: Exclude<InkShape, TextShape>): string => {
  if (shape.kind === 'stroke') return `M${shape.points.map(write).join('L')}`;
  const { at, radius: r } = shape;
  return `M${write({ x: at.x - r, y: at.y })}a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(2 * r).toFixed(1)} 0a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${(-2 * r).toFixed(1)} 0`;
};

/** Paths by role, in the order in which the roles were first drawn, marks after strokes. */
export function collectInk(shapes: readonly InkShape[]): Ink[] {
  const strokes = new Map<string, string[]>();
  const marks = new Map<string, string[]>();
  for (const shape of shapes) {
    if (shape.kind === 'text') continue;
    const into = shape.kind === 'stroke' ? strokes : marks;
    const there = into.get(shape.role);
    if (there) there.push(writeShape(shape));
    else into.set(shape.role, [writeShape(shape)]);
  }
  return [...strokes, ...marks].map(([role, paths]) => ({ role, path: paths.join('') }));
}

export const collectTexts = (shapes: readonly InkShape[]): TextShape[] =>
  shapes.filter((shape) => shape.kind === 'text');

/** Distance of a point from a drawn line. */
function getDistanceTo(points: readonly Point[], { x, y }: Point): number {
  let least = Infinity;
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const share = Math.min(1, Math.max(0, ((x - a.x) * dx + (y - a.y) * dy) / (dx * dx + dy * dy || 1)));
    least = Math.min(least, Math.hypot(a.x + dx * share - x, a.y + dy * share - y));
  }
  return least;
}

const PICKED_FIRST = [
  'node',
  'union',
  'valve',
  'face',
  'tag',
  'pipe',
  'pipe-r',
  'corrugated',
  'copper',
  'pressed',
  'plastic',
  'made-up',
  'connector',
];

/**
 * What a thumb at a point means: the nearest thing within reach, a fitting before a part in a leg before the leg, since the
 * smaller thing is the harder to hit. Null where nothing is near.
 */
export function findSubjectAt(
  shapes: readonly InkShape[],
  point: Point,
  reach: number,
  isPicked: (subject: string) => boolean,
): string | null {
  let best: { subject: string; rank: number; distance: number } | null = null;
  for (const shape of shapes) {
    if (shape.kind === 'text' || !isPicked(shape.subject)) continue;
    const rank = PICKED_FIRST.indexOf(shape.role);
    if (rank < 0) continue;
    const distance =
      shape.kind === 'stroke'
        ? getDistanceTo(shape.points, point)
        : Math.max(0, Math.hypot(shape.at.x - point.x, shape.at.y - point.y) - shape.radius);
    if (distance > reach) continue;
    if (!best || rank < best.rank || (rank === best.rank && distance < best.distance)) {
      best = { subject: shape.subject, rank, distance };
    }
  }
  return best?.subject ?? null;
}
