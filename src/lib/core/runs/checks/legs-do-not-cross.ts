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
  const findings: Finding[] = [];
  const near = findNear(sides, (i, j) => !doMeet(laid[j]!, laid[i]!));
  for (const [i, j] of near) {
    const apart = findApart(laid[j]!, laid[i]!, layout);
    if (apart !== null) findings.push(cross(laid[j]!, laid[i]!, apart));
  }
  return findings;
}

/** Every two boxes that overlap and are asked about, the later one first; in the order of both. */
function findNear(
  sides: Float64Array,
  isAsked: (later: number, earlier: number) => boolean,
): [later: number, earlier: number][] {
  const cells = readCells(sides);
  const shelves = new Shelves(cells);
  const found: [number, number][] = [];
  for (let i = 0; i < cells.length / SIDES; i++) {
    const a = i * SIDES;
    for (let x = cells[a]!; x <= cells[a + 1]!; x++)
      for (let y = cells[a + 2]!; y <= cells[a + 3]!; y++)
        for (let z = cells[a + 4]!; z <= cells[a + 5]!; z++)
          for (let at = shelves.put(i, x, y, z); at >= 0; at = shelves.getNext(at)) {
            const j = shelves.getBox(at);
            const b = j * SIDES;
            // Two that share several cells are held against one another in the first of them.
            const isFirst =
              x === Math.max(cells[a]!, cells[b]!) &&
              y === Math.max(cells[a + 2]!, cells[b + 2]!) &&
              z === Math.max(cells[a + 4]!, cells[b + 4]!);
            if (isFirst && shelves.isIn(at, x, y, z) && doOverlap(sides, a, b) && isAsked(i, j))
              found.push([i, j]);
          }
  }
  return found.sort(([i, j], [k, l]) => i - k || j - l);
}

/** Boxes by the cell they lie in: a table of lists in rows of numbers, since thousands are put in anew at every edit. */
class Shelves {
  readonly #heads: Int32Array;
  /** Of each entry: the one put on the same shelf before it, its box, its cell. */
  readonly #entries: Int32Array;
  #count = 0;

  constructor(cells: Int32Array) {
    let count = 0;
    for (let a = 0; a < cells.length; a += SIDES) {
      const [x, y, z] = [
        cells[a + 1]! - cells[a]!,
        cells[a + 3]! - cells[a + 2]!,
        cells[a + 5]! - cells[a + 4]!,
      ];
      count += (x + 1) * (y + 1) * (z + 1);
    }
    this.#entries = new Int32Array(count * ENTRY);
    this.#heads = new Int32Array(2 ** Math.ceil(Math.log2(2 * count + 1))).fill(-1);
  }

  /** Puts a box on the shelf of a cell; gives the entry that was there before it, −1 where the shelf was empty. */
  put(box: number, x: number, y: number, z: number): number {
    const shelf = ((x * 73_856_093) ^ (y * 19_349_663) ^ (z * 83_492_791)) & (this.#heads.length - 1);
    const before = this.#heads[shelf]!;
    const entries = this.#entries;
    const at = this.#count * ENTRY;
    entries[at] = before;
    entries[at + 1] = box;
    entries[at + 2] = x;
    entries[at + 3] = y;
    entries[at + 4] = z;
    this.#heads[shelf] = this.#count++;
    return before;
  }

  getNext(entry: number): number {
    return this.#entries[entry * ENTRY]!;
  }
  getBox(entry: number): number {
    return this.#entries[entry * ENTRY + 1]!;
  }
  /** Far cells may share a shelf. */
  isIn(entry: number, x: number, y: number, z: number): boolean {
    const at = entry * ENTRY + 2;
    const entries = this.#entries;
    return entries[at] === x && entries[at + 1] === y && entries[at + 2] === z;
  }
}
const ENTRY = 5;

/** The cells each box lies in: the first and the last along each way. */
function readCells(sides: Float64Array): Int32Array {
  const width = findCellWidth(sides);
  const cells = new Int32Array(sides.length);
  for (let i = 0; i < sides.length; i++) cells[i] = Math.floor(sides[i]! / width);
  return cells;
}

/** Legs that are asked how long they are, to see how wide a cell should be. */
const ASKED = 500;

/** Somewhat less than the middle length of the legs, nm: most lie in two cells, and few in each. Of many every so manieth is asked. */
function findCellWidth(sides: Float64Array): number {
  const count = sides.length / SIDES;
  const every = Math.ceil(count / ASKED) || 1;
  const lengths = new Float64Array(Math.ceil(count / every));
  for (let i = 0; i < lengths.length; i++) {
    const at = i * every * SIDES;
    lengths[i] = Math.max(
      sides[at + 1]! - sides[at]!,
      sides[at + 3]! - sides[at + 2]!,
      sides[at + 5]! - sides[at + 4]!,
    );
  }
  lengths.sort();
  return 0.8 * (lengths[lengths.length >> 1] ?? 1) || 1;
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
    const long = Math.sqrt((b.x - a.x) ** 2 + (b.y - a.y) ** 2 + (b.z - a.z) ** 2);
    if (Math.abs(long - each.centreToCentre) > pipe.outside) continue;
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
