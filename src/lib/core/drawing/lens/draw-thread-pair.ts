import { getPitch, type ListedThread } from '#core/catalogue';
import type { Point } from '#core/geometry';
import { makeThreadProfile, type ThreadForm } from '../thread-profile.ts';
import { acrossAxis, type LensPicture } from './lens-picture.ts';

/** How a thread is drawn: at the middle of what its crests may be. */
export const toForm = ({ gender, perInch, flank, crest }: ListedThread): ThreadForm => ({
  gender,
  perInch,
  flank,
  crest: flank === 55 ? 'rounded' : 'flat',
  mouth: (crest.low + crest.high) / 2,
  slope: crest.slope,
  cap: crest.cap,
});

/** Metal outside a female thread and inside a male one, as shares of the male's diameter; no length follows from them. */
const FEMALE_WALL = 0.2;
const MALE_WALL = 0.14;

/**
 * A male thread so many turns in a female one, each with its own pitch, flanks and taper. Crests meet roots at the mouth;
 * with unlike pitches they drift apart inward. Where metal would lie in metal it jams: that is marked.
 */
export function drawThreadPair(
  male: ListedThread,
  female: ListedThread,
  turns: number,
  makes: boolean,
): LensPicture {
  const [p, q] = [getPitch(male), getPitch(female)];
  const depth = turns * p;
  const length = Math.max(male.crest.length, depth + 1.5 * p);
  const crests = Math.max(2, Math.round(length / p));
  const start = p / 2 - depth;
  const maleLine = makeThreadProfile(toForm(male), crests).map(({ x, y }) => ({ x: x + start, y }));
  const firstOut = start + Math.ceil(depth / p - 0.5) * p;
  const bore = Math.max(female.crest.length, depth + 1.5 * q);
  // Female crests lie half a pitch from the male crest nearest the mouth.
  const phase = (((q / 2 - (firstOut - p)) % q) + q) % q;
  const femaleLine = makeThreadProfile(toForm(female), Math.max(2, Math.round(bore / q)))
    .map(({ x, y }) => ({ x: -(x + phase), y }))
    .filter(({ x }) => x <= 0)
    .toReversed();
  const radius = Math.max(...maleLine.map(({ y }) => y));
  const tail = Math.max(start + crests * p, 2 * p);
  const inner = Math.max(radius * 0.25, Math.min(...maleLine.map(({ y }) => y)) - radius * 2 * MALE_WALL);
  const back = -bore - phase - q;
  const outer = Math.max(radius, ...femaleLine.map(({ y }) => y)) + radius * 2 * FEMALE_WALL;
  const last = maleLine.at(-1)!;
  const mouth = femaleLine.at(-1)!;
  const deepest = femaleLine[0]!;
  const maleOutline = [
    { x: -depth, y: inner },
    { x: -depth, y: maleLine[0]!.y },
    ...maleLine,
    { x: tail + p, y: last.y },
    { x: tail + p, y: inner },
  ];
  const femaleOutline = [
    { x: back, y: deepest.y },
    ...femaleLine,
    { x: 0, y: mouth.y },
    { x: 0, y: outer },
    { x: back, y: outer },
  ];
  const inside = maleLine.filter(({ x }) => x >= -depth && x <= 0);
  const jams = makes ? [] : findJams(inside, femaleLine);
  // Where nothing jams it only touches, at the crest nearest the mouth.
  const touches = makes || jams.length > 0 ? jams : [inside.filter(({ x }) => x >= -p)];
  const tops = Array.from({ length: crests }, (_, k) => ({
    x: start + k * p,
    y: maleLine[Math.min(k * Math.floor(maleLine.length / crests), maleLine.length - 1)]!.y,
  }));
  const half = Math.max(depth, 2 * p);
  return {
    shapes: [
      { role: 'female', outline: femaleOutline },
      { role: 'male', outline: maleOutline },
    ],
    seals: makes ? [inside] : [],
    touches: touches.filter((line) => line.length > 1),
    showing: (makes ? tops : []).filter(({ x }) => x > 0 && x < male.crest.length - depth + p * 0.25),
    angles: [
      { at: { x: 1.5 * p, y: radius - 1.4 * p }, degrees: male.flank, of: 'male' },
      { at: { x: -1.5 * q, y: outer - 0.5 * q }, degrees: female.flank, of: 'female' },
    ],
    dimensions: [
      { kind: 'along', from: -depth, to: 0, length: depth },
      acrossAxis('male', -depth, toForm(male).mouth),
      acrossAxis('female', 0, toForm(female).mouth),
    ],
    look: { from: -half - p, to: Math.max(2.5 * p, tail), radius },
    whole: { from: back, to: tail + p, radius: outer },
  };
}

/** Stretches of the male's line that lie in the female's metal. */
function findJams(inside: readonly Point[], femaleLine: readonly Point[]): Point[][] {
  const jams: Point[][] = [];
  let open: Point[] = [];
  for (const point of inside) {
    const wall = getHeightAt(femaleLine, point.x);
    if (wall !== null && point.y > wall) open.push(point);
    else if (open.length > 0) {
      jams.push(open);
      open = [];
    }
  }
  if (open.length > 0) jams.push(open);
  return jams.filter((jam) => jam.length > 1);
}

/** Height of a line, given from left to right, at x; null beside it. */
function getHeightAt(line: readonly Point[], x: number): number | null {
  for (let i = 1; i < line.length; i++) {
    const [a, b] = [line[i - 1]!, line[i]!];
    if (x < a.x || x > b.x) continue;
    return b.x === a.x ? Math.min(a.y, b.y) : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
  }
  return null;
}
