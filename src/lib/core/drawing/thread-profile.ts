import type { Millimetres } from '#core/units';
import type { Point } from '#core/geometry';
import type { Gender } from '#core/ends';

/** What a thread looks like cut open. Lengths in mm. */
export interface ThreadForm {
  readonly gender: Gender;
  readonly perInch: number;
  readonly flank: 60 | 55 | 29;
  readonly crest: 'sharp' | 'flat' | 'rounded';
  /** Crest diameter at the mouth, and how it changes along the thread. */
  readonly mouth: Millimetres;
  readonly slope: number;
  /** Crests never exceed this diameter; null where nothing caps them. */
  readonly cap: Millimetres | null;
}

/** Depth of thread and radius of its rounding, as shares of the pitch: ISO 7-1 for 55°, ASME B1.20.1 and ASME B1.1 for 60°, general purpose ACME for 29°. */
function getDepth({ flank, crest, slope }: ThreadForm): number {
  if (flank === 55) return 0.640327;
  if (flank === 29) return 0.5;
  if (crest === 'sharp') return 0.82;
  return slope === 0 ? 0.6134 : 0.8;
}
const ROUNDING = 0.137329;
const ARC_STEPS = 6;

/** The crest diameter so many mm from the mouth. */
export const getCrestDiameter = ({ mouth, slope, cap }: ThreadForm, along: number): number =>
  Math.min(mouth + slope * along, cap ?? Infinity);

/**
 * The cut surface of a thread as points: x along the axis in mm (the first crest stands at 0), y the radius. Between
 * crests the flanks fall at half the flank angle to the root:
 *
 *       ┌─┐     ┌─┐
 *      ╱   ╲   ╱   ╲      y up, away from the axis for a male
 *     ╱     └─┘     ╲
 */
export function makeThreadProfile(form: ThreadForm, crests: number): Point[] {
  const p = 25.4 / form.perInch;
  const depth = getDepth(form) * p;
  const toward = form.gender === 'male' ? -1 : 1;
  const shape =
    form.crest === 'rounded' ? getRoundedPitch(p, form.flank) : getFlatPitch(p, depth, form.flank);
  const points: Point[] = [];
  for (let k = 0; k < crests; k++) {
    for (const { x, y } of shape) {
      const along = k * p + x;
      points.push({ x: along, y: getCrestDiameter(form, along) / 2 + toward * y });
    }
  }
  return points;
}

/** One pitch from the middle of a crest to the middle of the next; y is how deep below the crest. */
function getFlatPitch(p: number, depth: number, flank: number): Point[] {
  const across = depth * Math.tan(((flank / 2) * Math.PI) / 180);
  const flat = Math.max(0, (p - 2 * across) / 4);
  return [
    { x: 0, y: 0 },
    { x: flat, y: 0 },
    { x: flat + across, y: depth },
    { x: p - flat - across, y: depth },
    { x: p - flat, y: 0 },
  ];
}

function getRoundedPitch(p: number, flank: number): Point[] {
  const r = ROUNDING * p;
  const depth = 0.640327 * p;
  const most = ((90 - flank / 2) * Math.PI) / 180;
  const arc = Array.from({ length: ARC_STEPS + 1 }, (_, i) => {
    const t = (most * i) / ARC_STEPS;
    return { x: r * Math.sin(t), y: r * (1 - Math.cos(t)) };
  });
  const root = (offset: number) => arc.map(({ x, y }) => ({ x: offset + x, y: depth - y }));
  const half = p / 2;
  return [
    ...arc,
    ...root(-half)
      .map(({ x, y }) => ({ x: -x, y }))
      .toReversed(),
    ...root(half).slice(1),
    ...arc
      .map(({ x, y }) => ({ x: p - x, y }))
      .toReversed()
      .slice(0, -1),
  ];
}
