import type { Part } from '#core/catalogue';
import { assemble, type LaidJoint, getPieces, type RunLayout } from '#core/runs/layout';
import type { Piece } from '#core/runs/pieces';
import { INCH, type Length } from '#core/units';
import { findDrop, type Drop } from '#core/traps';

/** What a change to a drop comes to at the bench. */
export interface WorkReport {
  /** Pieces that are new or of another length. */
  readonly cut: readonly Piece[];
  /** Pieces that go elsewhere as they are. */
  readonly reused: readonly Piece[];
  /** Parts to be bought, and parts that are left over. */
  readonly bought: readonly PartCount[];
  readonly freed: readonly PartCount[];
  /** Joints that were made and must be opened: clean, inspect, once, new sealant, test again. */
  readonly opened: readonly LaidJoint[];
  /** What lets the last joint close: nothing between two made joints can be turned. */
  readonly closedBy: 'union' | 'new-union' | 'connector' | 'nothing';
}
export interface PartCount {
  readonly part: Part;
  readonly count: number;
}

/** Bought nipples vary by as much (nm): one that is off by less is the same. */
const ALIKE: Length = INCH / 16;

/**
 * Compares a run before and after a change to one drop: what is cut, bought, left over, and opened. To come at what changes, everything between
 * it and the union is unscrewed; without a union, everything down to the appliance.
 */
export function reportWork(before: RunLayout, after: RunLayout, drop: Drop): WorkReport {
  const was = new Map([...getPieces(before)].map((piece) => [piece.id, piece]));
  const is = new Map([...getPieces(after)].map((piece) => [piece.id, piece]));
  const gone = [...was.values()].filter((piece) => !isSamePiece(piece, is.get(piece.id)));
  const made = [...is.values()].filter((piece) => !isSamePiece(piece, was.get(piece.id)));
  const left = [...gone];
  const reused: Piece[] = [];
  const cut: Piece[] = [];
  for (const piece of made) {
    const at = left.findIndex((other) => isAlike(other, piece));
    if (at < 0) cut.push(piece);
    else {
      left.splice(at, 1);
      reused.push(piece);
    }
  }
  const [had, has] = [countParts(before), countParts(after)];
  return {
    cut,
    reused,
    bought: subtract(has, had),
    freed: subtract(had, has),
    opened: listOpened(before, after, drop, new Set(gone.map(({ id }) => id))),
    closedBy: findClosing(drop, after),
  };
}

const isSamePiece = (a: Piece, b: Piece | undefined): boolean =>
  b !== undefined && a.size === b.size && a.cut?.exact === b.cut?.exact;

const isAlike = (a: Piece, b: Piece): boolean =>
  a.size === b.size && a.cut !== null && b.cut !== null && Math.abs(a.cut.exact - b.cut.exact) <= ALIKE;

function countParts(layout: RunLayout): Map<string, PartCount> {
  const counts = new Map<string, PartCount>();
  for (const body of assemble(layout).bodies) {
    if (body.kind !== 'part') continue;
    const { part } = body;
    counts.set(part.id, { part, count: (counts.get(part.id)?.count ?? 0) + 1 });
  }
  return counts;
}

const subtract = (from: ReadonlyMap<string, PartCount>, less: ReadonlyMap<string, PartCount>): PartCount[] =>
  [...from.values()].flatMap(({ part, count }) => {
    const more = count - (less.get(part.id)?.count ?? 0);
    return more > 0 ? [{ part, count: more }] : [];
  });

function listOpened(
  before: RunLayout,
  after: RunLayout,
  { path, passed }: Drop,
  gone: ReadonlySet<string>,
): LaidJoint[] {
  const still = new Map(assemble(after).bodies.map((body) => [body.id, body]));
  const isGone = (id: string): boolean => {
    if (gone.has(id)) return true;
    const body = assemble(before).bodies.find((each) => each.id === id);
    const now = still.get(id);
    if (!body || !now || body.kind !== now.kind) return true;
    return 'part' in body && 'part' in now && body.part.id !== now.part.id;
  };
  const touched = assemble(before).joints.filter(({ sides }) => sides.some(({ body }) => isGone(body)));
  const changed = path.flatMap(({ id }, i) => (touched.some(({ leg }) => leg === id) ? [i] : []));
  if (changed.length === 0) return touched;
  const union = passed.findLast(({ kind }) => kind === 'union' || kind === 'connector');
  const at = union ? path.indexOf(union.leg) : path.length - 1;
  const [from, to] = [Math.min(at, ...changed), Math.max(at, ...changed)];
  const between = new Set(path.slice(from, to + 1).map(({ id }) => id));
  return assemble(before).joints.filter(
    (joint) => touched.includes(joint) || (joint.leg !== null && between.has(joint.leg)),
  );
}

/** A union or connector of this drop alone counts: one in another branch lets nothing turn here. */
function findClosing({ node, passed }: Drop, after: RunLayout): WorkReport['closedBy'] {
  if (passed.some(({ kind }) => kind === 'connector')) return 'connector';
  const union = passed.find(({ kind }) => kind === 'union');
  if (union && Object.hasOwn(after.doc.parts, union.id)) return 'union';
  const hasUnion = findDrop(after, node.id)?.passed.some(({ kind }) => kind === 'union');
  return hasUnion ? 'new-union' : 'nothing';
}
