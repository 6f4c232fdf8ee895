import { getCraft } from '#core/materials';
import { type Vector, findSegmentDistance } from '#core/geometry';
import type { Finding } from './finding.ts';
import { findDisplaced, type RunLayout } from '#core/runs/layout';
import { findTouched } from '#core/runs/document';
import type { LaidLeg } from '#core/runs/pieces';

/**
 * Boxes of the legs, one after another: least x, most x, least y, most y, least z, most z of the pipe's outside (nm). What is held
 * against thousands of others lies in one row of numbers.
 */
interface Boxes {
  readonly laid: readonly LaidLeg[];
  readonly sides: Float64Array;
  /** Leg id → its place among them. */
  readonly places: Map<string, number>;
}
const SIDES = 6;

/** Two legs by their places among the boxes. */
type Pair = readonly [one: number, other: number];

/** Two legs that lie too near to one another, and what is said of them. */
interface Crossing {
  readonly legs: readonly [LaidLeg, LaidLeg];
  readonly finding: Finding;
}
interface Crossings {
  readonly boxes: Boxes;
  /** In the order of their legs' numbers. */
  readonly found: readonly Crossing[];
}
const known = new WeakMap<RunLayout, Crossings>();

/** Legs that lie elsewhere than before, up to which each is held against all: more are found faster by cells. */
const FEW = 24;

/**
 * Two legs that do not meet run clear of each other: their centre lines are farther apart than their radii. A note, since
 * positions are only as good as the measures. After an edit that moved a few legs only, these are held against the others; otherwise
 * space is parted into cells, so that each leg is held against those beside it only.
 */
export function checkLegsDoNotCross(layout: RunLayout): Finding[] {
  const crossings = findAgain(layout) ?? findAll(layout);
  known.set(layout, crossings);
  return crossings.found.map(({ finding }) => finding);
}

function findAll(layout: RunLayout): Crossings {
  const boxes = readBoxes(layout);
  return { boxes, found: inOrder(judge(findNear(boxes), boxes, layout)) };
}

/** Those of before that did not move, and what the few that did come near to; null where that is not known, or not a few. */
function findAgain(layout: RunLayout): Crossings | null {
  const since = findDisplaced(layout);
  const before = since && known.get(since.before);
  if (!before || since.legs.length > FEW) return null;
  const touched = findTouched(since.before.doc.legs, layout.doc.legs);
  if (!touched || [...touched].some((id) => !layout.legs.has(id))) return null;
  if (since.legs.length === 0) return before;
  const boxes = replaceBoxes(before.boxes, since.legs, layout);
  if (!boxes) return null;
  const { laid, sides } = boxes;
  const moved = new Set(since.legs.map((id) => boxes.places.get(id)!));
  const near: Pair[] = [];
  for (const i of moved)
    for (let j = 0; j < laid.length; j++) {
      if (moved.has(j) && j <= i) continue;
      if (doOverlap(sides, i * SIDES, j * SIDES) && !doMeet(laid[i]!, laid[j]!)) near.push([i, j]);
    }
  const elsewhere = new Set(since.legs);
  const stay = before.found.filter(({ legs }) => legs.every(({ id }) => !elsewhere.has(id)));
  return { boxes, found: inOrder([...stay, ...judge(near, boxes, layout)]) };
}

/** The boxes with those of some legs read anew, new legs at the end; null where one of them has none. */
function replaceBoxes(before: Boxes, legs: readonly string[], layout: RunLayout): Boxes | null {
  const laid = [...before.laid];
  const sides = new Float64Array((laid.length + legs.length) * SIDES);
  sides.set(before.sides);
  const { places } = before;
  for (const id of legs) {
    const known = places.get(id);
    // The places are shared with the boxes of other states, which may have put another leg there.
    const at = known !== undefined && laid[known]?.id === id ? known : laid.length;
    const each = layout.legs.get(id)!;
    if (!readBox(each, layout, sides, at)) return null;
    laid[at] = each;
    places.set(id, at);
  }
  return { laid, sides: sides.subarray(0, laid.length * SIDES), places };
}

const judge = (pairs: readonly Pair[], { laid }: Boxes, layout: RunLayout): Crossing[] =>
  pairs.flatMap(([i, j]) => {
    const [a, b] = [laid[i]!, laid[j]!];
    const legs = a.leg.tag < b.leg.tag ? ([a, b] as const) : ([b, a] as const);
    const apart = findApart(...legs, layout);
    return apart === null ? [] : [{ legs, finding: cross(...legs, apart) }];
  });

const inOrder = (found: Crossing[]): Crossing[] =>
  found.sort(({ legs: [a, b] }, { legs: [c, d] }) => a.leg.tag - c.leg.tag || b.leg.tag - d.leg.tag);

/** Every two boxes that overlap, of legs that do not meet. */
function findNear({ laid, sides }: Boxes): Pair[] {
  const cells = readCells(sides);
  const shelves = new Shelves(cells);
  const found: Pair[] = [];
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
            const isNear = isFirst && shelves.isIn(at, x, y, z) && doOverlap(sides, a, b);
            if (isNear && !doMeet(laid[i]!, laid[j]!)) found.push([i, j]);
          }
  }
  return found;
}

/** Boxes by the cell they lie in: a table of lists in rows of numbers, since thousands are put in anew at every edit. */
class Shelves {
  readonly #heads: Int32Array;
  /** Of each entry: the one put on the same shelf before it, its box, its cell. */
  readonly #entries: Int32Array;
  #count = 0;

  constructor(cells: Int32Array) {
    const count = countCells(cells);
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

/** The cells each box lies in: the first and the last along each way. Cells are as wide as it takes for them not to be too many. */
function readCells(sides: Float64Array): Int32Array {
  const cells = new Int32Array(sides.length);
  for (let width = findCellWidth(sides); ; width *= 2) {
    for (let i = 0; i < sides.length; i++) cells[i] = Math.floor(sides[i]! / width);
    if (countCells(cells) <= MOST_CELLS * cells.length) return cells;
  }
}

/** Of a box, for each of its sides. */
const MOST_CELLS = 4;

/** The cells of all boxes; those in which several lie count for each. */
function countCells(cells: Int32Array): number {
  let count = 0;
  for (let a = 0; a < cells.length; a += SIDES) {
    const x = cells[a + 1]! - cells[a]! + 1;
    const y = cells[a + 3]! - cells[a + 2]! + 1;
    const z = cells[a + 5]! - cells[a + 4]! + 1;
    count += x * y * z;
  }
  return count;
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
  const radius = (laid: LaidLeg): number => getCraft(laid.leg).findOutside(laid.leg, catalogue)! / 2;
  const apart = findSegmentDistance(at(s.near), at(s.far), at(t.near), at(t.far));
  return apart < radius(s) + radius(t) ? apart : null;
}

function readBoxes(layout: RunLayout): Boxes {
  const laid: LaidLeg[] = [];
  const places = new Map<string, number>();
  const sides = new Float64Array(layout.legs.size * SIDES);
  for (const each of layout.legs.values()) {
    if (!readBox(each, layout, sides, laid.length)) continue;
    places.set(each.id, laid.length);
    laid.push(each);
  }
  return { laid, sides: sides.subarray(0, laid.length * SIDES), places };
}

/** Writes the box of a leg at its place; false where it has none. */
function readBox(
  laid: LaidLeg,
  { nodes, catalogue }: RunLayout,
  sides: Float64Array,
  place: number,
): boolean {
  const outside = getCraft(laid.leg).findOutside(laid.leg, catalogue);
  // Nobody measured how a route goes.
  if (outside === null || laid.centreToCentre === null || laid.leg.geometry.kind === 'route') return false;
  const [a, b] = [nodes.get(laid.near)!.position, nodes.get(laid.far)!.position];
  // A leg that closes a loop is drawn to where the loop arrives; checkLoopsClose speaks of those.
  const long = Math.sqrt((b.x - a.x) ** 2 + (b.y - a.y) ** 2 + (b.z - a.z) ** 2);
  if (Math.abs(long - laid.centreToCentre) > outside) return false;
  const radius = outside / 2;
  const at = place * SIDES;
  sides[at] = Math.min(a.x, b.x) - radius;
  sides[at + 1] = Math.max(a.x, b.x) + radius;
  sides[at + 2] = Math.min(a.y, b.y) - radius;
  sides[at + 3] = Math.max(a.y, b.y) + radius;
  sides[at + 4] = Math.min(a.z, b.z) - radius;
  sides[at + 5] = Math.max(a.z, b.z) + radius;
  return true;
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
