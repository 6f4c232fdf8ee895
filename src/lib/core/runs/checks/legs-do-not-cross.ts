import type { Vector } from '../../geometry/vector.ts';
import { findSegmentDistance } from '../../geometry/segment-distance.ts';
import type { Finding } from '../finding.ts';
import type { LaidLeg, RunLayout } from '../layout.ts';

/**
 * Boxes of the legs, one after another: least x, most x, least y, most y, least z, most z of the pipe's outside (nm). What is held
 * against thousands of others lies in one row of numbers.
 */
interface Boxes {
  readonly laid: readonly LaidLeg[];
  readonly sides: Float64Array;
}
const SIDES = 6;

/**
 * Two legs that do not meet run clear of each other: their centre lines are farther apart than their radii. A note, since
 * positions are only as good as the measures. Space is parted into cells about as wide as a leg is long, so that each leg is held
 * against those beside it only.
 */
export function checkLegsDoNotCross(layout: RunLayout): Finding[] {
  const { laid, sides } = readBoxes(layout);
  const at = readCells(sides);
  const cells = new Map<number, number[]>();
  const findings: Finding[] = [];
  for (let i = 0; i < laid.length; i++) {
    const a = i * SIDES;
    for (let x = at[a]!; x <= at[a + 1]!; x++)
      for (let y = at[a + 2]!; y <= at[a + 3]!; y++)
        for (let z = at[a + 4]!; z <= at[a + 5]!; z++) {
          // Far cells may share a key: the boxes themselves decide.
          const key = (x * 73_856_093) ^ (y * 19_349_663) ^ (z * 83_492_791);
          const there = cells.get(key);
          if (!there) {
            cells.set(key, [i]);
            continue;
          }
          for (const j of there) {
            const b = j * SIDES;
            // Two that share several cells are held against one another in the first of them.
            const isFirst =
              x === Math.max(at[a]!, at[b]!) &&
              y === Math.max(at[a + 2]!, at[b + 2]!) &&
              z === Math.max(at[a + 4]!, at[b + 4]!);
            if (!isFirst || !doOverlap(sides, a, b)) continue;
            const apart = doMeet(laid[j]!, laid[i]!) ? null : findApart(laid[j]!, laid[i]!, layout);
            if (apart !== null) findings.push(cross(laid[j]!, laid[i]!, apart));
          }
          there.push(i);
        }
  }
  return findings;
}

/** The cells each box lies in: the first and the last along each way. */
function readCells(sides: Float64Array): Int32Array {
  const width = findCellWidth(sides);
  const cells = new Int32Array(sides.length);
  for (let i = 0; i < sides.length; i++) cells[i] = Math.floor(sides[i]! / width);
  return cells;
}

/** Twice the middle length of the legs, nm: most lie in one cell or two. */
function findCellWidth(sides: Float64Array): number {
  const lengths = new Float64Array(sides.length / SIDES);
  for (let i = 0; i < lengths.length; i++) {
    const at = i * SIDES;
    lengths[i] = Math.max(
      sides[at + 1]! - sides[at]!,
      sides[at + 3]! - sides[at + 2]!,
      sides[at + 5]! - sides[at + 4]!,
    );
  }
  lengths.sort();
  return 2 * (lengths[lengths.length >> 1] ?? 1) || 1;
}

const doOverlap = (sides: Float64Array, a: number, b: number): boolean =>
  !isClear(sides, a, b, 0) && !isClear(sides, a, b, 2) && !isClear(sides, a, b, 4);

/** Whether two boxes lie clear of one another along a way. */
const isClear = (sides: Float64Array, s: number, t: number, way: number): boolean =>
  sides[t + way]! > sides[s + way + 1]! || sides[t + way + 1]! < sides[s + way]!;

/** How near the centre lines of two legs come, nm; null where the pipes run clear. */
function findApart(s: LaidLeg, t: LaidLeg, { nodes, catalogue }: RunLayout): number | null {
  const at = (node: string): Vector => nodes.get(node)!.position;
  const radius = (laid: LaidLeg): number => catalogue.findPipe(laid.leg.size)!.outside / 2;
  const apart = findSegmentDistance(at(s.near), at(s.far), at(t.near), at(t.far));
  return apart < radius(s) + radius(t) ? apart : null;
}

function readBoxes({ legs, nodes, catalogue }: RunLayout): Boxes {
  const laid: LaidLeg[] = [];
  const sides = new Float64Array(legs.size * SIDES);
  let at = 0;
  for (const each of legs.values()) {
    const pipe = catalogue.findPipe(each.leg.size);
    if (!pipe || each.centreToCentre === null) continue;
    const [a, b] = [nodes.get(each.near)!.position, nodes.get(each.far)!.position];
    // A leg that closes a loop is drawn to where the loop arrives; checkLoopsClose speaks of those.
    if (Math.abs(Math.hypot(b.x - a.x, b.y - a.y, b.z - a.z) - each.centreToCentre) > pipe.outside) continue;
    const radius = pipe.outside / 2;
    laid.push(each);
    sides[at++] = Math.min(a.x, b.x) - radius;
    sides[at++] = Math.max(a.x, b.x) + radius;
    sides[at++] = Math.min(a.y, b.y) - radius;
    sides[at++] = Math.max(a.y, b.y) + radius;
    sides[at++] = Math.min(a.z, b.z) - radius;
    sides[at++] = Math.max(a.z, b.z) + radius;
  }
  return { laid, sides: sides.subarray(0, at) };
}

const doMeet = (s: LaidLeg, t: LaidLeg): boolean =>
  s.near === t.near || s.near === t.far || s.far === t.near || s.far === t.far;

const cross = (s: LaidLeg, t: LaidLeg, apart: number): Finding => ({
  code: 'legs-cross',
  severity: 'note',
  subject: s.id,
  marks: [String(s.leg.tag), String(t.leg.tag)],
  apart: Math.round(apart),
});
