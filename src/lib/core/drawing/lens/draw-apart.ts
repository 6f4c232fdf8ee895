import type { Catalogue, FiguredEnd } from '#core/catalogue';
import { toMillimetres } from '#core/units';
import { makeThreadProfile } from '../thread-profile.ts';
import { toForm } from './draw-thread-pair.ts';
import {
  acrossAxis,
  box,
  NO_MARKS,
  type LensDimension,
  type LensPicture,
  type LensShape,
} from './lens-picture.ts';

/** Two ends that do not go together, face to face and to one scale: that they are not of one size is seen. */
export function drawApart(left: FiguredEnd, right: FiguredEnd, catalogue: Catalogue): LensPicture {
  const [l, r] = [getRadius(left, catalogue), getRadius(right, catalogue)];
  const largest = Math.max(l, r);
  const gap = largest * 0.16;
  const shapes = [...drawEnd(left, l, -1, gap), ...drawEnd(right, r, 1, gap)];
  const reach = largest * 2.2;
  return {
    ...NO_MARKS,
    shapes,
    dimensions: [
      ...measureEnd(left, 'female', -gap - largest * 0.4),
      ...measureEnd(right, 'male', gap + largest * 0.4),
    ],
    look: { from: -reach * 0.8, to: reach * 0.8, radius: largest },
    whole: { from: -reach, to: reach, radius: largest * 1.45 },
  };
}

/** Over the crests of a thread at its mouth, over a tube, or of the tube a socket takes. */
function measureEnd(end: FiguredEnd, of: 'male' | 'female', x: number): LensDimension[] {
  if (end.kind === 'thread') return [acrossAxis(of, x, toForm(end.thread).mouth)];
  if (end.kind === 'tube') return [acrossAxis(of, x, end.outside)];
  return end.kind === 'socket' ? [acrossAxis(of, x, end.takes)] : [];
}

/** Half the outside of what would go in, or of what it would go into, mm. */
function getRadius(end: FiguredEnd, catalogue: Catalogue): number {
  if (end.kind === 'thread') return end.thread.crest.high / 2;
  if (end.kind === 'tube') return end.outside / 2;
  if (end.kind === 'socket') return end.takes / 2;
  const pipe = end.kind === 'union-half' || end.kind === 'flange' ? catalogue.findPipe(end.size) : null;
  return pipe ? toMillimetres(pipe.outside) * 0.8 : UNKNOWN;
}

/** Something to look at where nothing is known, mm. */
const UNKNOWN = 8;

/** One end with its mouth at the gap: `side` −1 lies to the left, 1 to the right. */
function drawEnd(end: FiguredEnd, r: number, side: 1 | -1, gap: number): LensShape[] {
  const turn = (outline: readonly { x: number; y: number }[]) =>
    outline.map(({ x, y }) => ({ x: side * (x + gap), y }));
  if (end.kind === 'thread') {
    const crests = Math.max(3, Math.round((r * 1.5 * end.thread.perInch) / 25.4));
    const line = makeThreadProfile(toForm(end.thread), crests);
    const last = line.at(-1)!;
    const outline =
      end.thread.gender === 'male'
        ? [
            { x: 0, y: r * 0.62 },
            { x: 0, y: line[0]!.y },
            ...line,
            { x: last.x + r * 0.5, y: last.y },
            { x: last.x + r * 0.5, y: r * 0.62 },
          ]
        : [...line, { x: last.x, y: r * 1.4 }, { x: 0, y: r * 1.4 }];
    return [{ role: end.thread.gender, outline: turn(outline) }];
  }
  if (end.kind === 'tube') return [{ role: 'tube', outline: turn(box(0, r * 2, r * 0.84, r)) }];
  if (end.kind === 'socket') {
    const outline = [
      { x: 0, y: r },
      { x: r * 1.4, y: r },
      { x: r * 1.4, y: r * 0.8 },
      { x: r * 2, y: r * 0.8 },
      { x: r * 2, y: r * 1.35 },
      { x: 0, y: r * 1.35 },
    ];
    return [{ role: 'female', outline: turn(outline) }];
  }
  if (end.kind === 'union-half') {
    const outline =
      end.half === 'cone'
        ? [
            { x: 0, y: r * 0.6 },
            { x: r * 0.3, y: r * 0.85 },
            { x: r * 1.6, y: r * 0.85 },
            { x: r * 1.6, y: r * 0.6 },
          ]
        : [
            { x: r * 0.3, y: r * 0.6 },
            { x: 0, y: r * 0.85 },
            { x: 0, y: r },
            { x: r * 1.6, y: r },
            { x: r * 1.6, y: r * 0.6 },
          ];
    return [{ role: end.half === 'cone' ? 'male' : 'female', outline: turn(outline) }];
  }
  if (end.kind === 'flange') {
    const outline = [
      { x: 0, y: r * 0.6 },
      { x: 0, y: r * 1.7 },
      { x: r * 0.35, y: r * 1.7 },
      { x: r * 0.35, y: r * 0.85 },
      { x: r * 1.8, y: r * 0.85 },
      { x: r * 1.8, y: r * 0.6 },
    ];
    return [{ role: side < 0 ? 'female' : 'male', outline: turn(outline) }];
  }
  return [];
}
