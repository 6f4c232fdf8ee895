import { type Part, type PartKind, MATERIALS, type Material } from '#core/catalogue';
import { getThreadId, LEG_SIZES, rankSize, type LegSize } from '#core/ends';
import { getKerf } from '#core/house-rules';
import { findForbidden, type Finding } from '#core/checks';
import { getCraft } from '#core/materials';
import { assemble, getPieces, type RunLayout } from '#core/runs/layout';
import type { Piece } from '#core/runs/pieces';
import type { ConnectorGeometry } from '#core/runs/document';
import { listDrops } from '#core/traps';
import type { Length } from '#core/units';
import { makeTubeSheet, type TubeSheet } from './tube-sheet.ts';

/** A piece with what the bench needs to make it. */
export interface CutSheetRow {
  readonly piece: Piece;
  readonly material: Material;
  /** Its place in the cutting order, from 1. */
  readonly order: number;
  /** What forbids the cut (nothing is left, too short to thread or to bend in); null for what may be made. */
  readonly forbidden: Finding | null;
  /** The nipple to buy in place of cutting, nm; null for pipe that is cut. */
  readonly nipple: Length | null;
  /** The appliance whose sediment trap it is the nipple of; null for any other piece. */
  readonly trapOf: string | null;
  /** Whether its bends are marked and made on a bender; what is bent by hand as it is laid is not. */
  readonly isMarked: boolean;
  /** A tube laid straight, with its bends; null for straight pipe, and while its cut is not known. */
  readonly tube: TubeSheet | null;
}

/** The pieces of one size: one set of dies. */
export interface SizeGroup {
  readonly size: LegSize;
  readonly material: Material;
  readonly rows: readonly CutSheetRow[];
}

/** Nipples of one size and length to buy. */
export interface NippleTotal {
  readonly size: LegSize;
  readonly length: Length;
  readonly count: number;
}

export interface SizeTotal {
  readonly size: LegSize;
  readonly material: Material;
  readonly pieces: number;
  /** Sum of the cut lengths on the tape, nm. */
  readonly length: Length;
  /** What the cuts themselves take of the stock, nm: one a piece. */
  readonly kerf: Length;
  /** No fewer stock lengths than these hold it all; how the cuts fall may take more. Null: from a coil. */
  readonly stockAtLeast: number | null;
  readonly threads: number;
  readonly bends: number;
  /** Pieces whose cut is not known, or forbidden, and is therefore not in the length. */
  readonly unknown: number;
}

export interface FittingTotal {
  readonly kind: PartKind;
  readonly size: LegSize;
  readonly part: Part;
  readonly count: number;
}

/** Joints that are made up on the site, and the places that are looked at in a test: each of them, and every seat inside a part. */
export interface JointTotal {
  readonly made: number;
  readonly seats: number;
  readonly leakPoints: number;
}

/** Flexible connectors of one kind to buy: their two ends, and how long they are sold. */
export interface ConnectorTotal {
  readonly ends: ConnectorGeometry['ends'];
  readonly length: Length | null;
  readonly count: number;
}

export interface CutSheet {
  /** All rows, in cutting order. */
  readonly rows: readonly CutSheetRow[];
  readonly groups: readonly SizeGroup[];
  readonly sizes: readonly SizeTotal[];
  readonly fittings: readonly FittingTotal[];
  readonly nipples: readonly NippleTotal[];
  readonly connectors: readonly ConnectorTotal[];
  readonly joints: JointTotal;
}

/**
 * The cut sheet of a laid-out run. Cutting order: size by size, the largest first, so that the dies are changed once; and
 * within a size from the source on, since a piece that comes out long or short is made good by the next in its line.
 */
export function makeCutSheet(layout: RunLayout): CutSheet {
  const groups = groupPieces(layout);
  const rows = groups.flatMap((group) => group.rows);
  return {
    rows,
    groups,
    sizes: groups.flatMap((group) => sumSize(group, layout) ?? []),
    fittings: countFittings(layout),
    nipples: countNipples(rows),
    connectors: countConnectors(layout),
    joints: countJoints(layout),
  };
}

function groupPieces(layout: RunLayout): SizeGroup[] {
  const groups: SizeGroup[] = [];
  const traps = new Map(
    listDrops(layout).flatMap(({ trap, appliance }) =>
      trap ? [[trap.nipple.leg.id, appliance.name] as const] : [],
    ),
  );
  let order = 1;
  for (const material of MATERIALS) {
    for (const size of LEG_SIZES.toReversed()) {
      const rows = [...getPieces(layout)]
        .filter((piece) => piece.size === size && layout.legs.get(piece.leg)!.leg.material === material)
        .map((piece): CutSheetRow => {
          const nipple = piece.cut?.nipple ?? null;
          const { leg } = layout.legs.get(piece.leg)!;
          // What is trimmed in place at any end is bent as it is laid.
          const isMarked = piece.path !== null && getCraft(leg).getTrimming(leg) !== 'any-end';
          return {
            piece,
            material,
            order: order++,
            forbidden: findForbidden(piece, layout),
            nipple,
            trapOf: traps.get(piece.leg) ?? null,
            isMarked,
            tube: makeTubeSheet(piece, layout),
          };
        });
      if (rows.length > 0) groups.push({ size, material, rows });
    }
  }
  return groups;
}

function sumSize({ size, material, rows }: SizeGroup, { rules, legs }: RunLayout): SizeTotal | null {
  const pieces = rows.filter(({ nipple }) => nipple === null);
  const [first] = pieces;
  if (!first) return null;
  const { leg } = legs.get(first.piece.leg)!;
  const craft = getCraft(leg);
  const cuts = pieces.flatMap(({ piece, forbidden }) =>
    piece.cut && !forbidden ? [piece.cut.onTape.length] : [],
  );
  const length = cuts.reduce((sum, cut) => sum + cut, 0);
  const kerf = cuts.length * getKerf(rules['saw-kerf']);
  return {
    size,
    material,
    pieces: pieces.length,
    length,
    kerf,
    stockAtLeast: leg.stock === 'coil' ? null : Math.ceil((length + kerf) / craft.getStock(rules)),
    threads: craft.screws ? pieces.length * 2 : 0,
    bends: pieces.reduce((sum, { piece }) => sum + (piece.path?.turns.length ?? 0), 0),
    unknown: pieces.length - cuts.length,
  };
}

function countFittings(layout: RunLayout): FittingTotal[] {
  const totals = new Map<string, FittingTotal>();
  const add = (part: Part) => {
    if (part.kind === 'existing' || part.kind === 'appliance') return;
    const count = (totals.get(part.id)?.count ?? 0) + 1;
    totals.set(part.id, { kind: part.kind, size: part.size, part, count });
  };
  for (const body of assemble(layout).bodies) if (body.kind === 'part') add(body.part);
  return [...totals.values()].sort(
    (a, b) => rankSize(a.size) - rankSize(b.size) || a.kind.localeCompare(b.kind),
  );
}

function countConnectors({ legs }: RunLayout): ConnectorTotal[] {
  const totals = new Map<string, ConnectorTotal>();
  for (const { leg } of legs.values()) {
    if (leg.geometry.kind !== 'connector') continue;
    const { ends, length } = leg.geometry;
    const key = `${ends.map(getThreadId).join(' ')} ${length ?? '?'}`;
    totals.set(key, { ends, length, count: (totals.get(key)?.count ?? 0) + 1 });
  }
  return [...totals.values()];
}

function countJoints(layout: RunLayout): JointTotal {
  const { joints } = assemble(layout);
  const seats = joints.filter(({ sides: [a, b] }) => a.body === b.body).length;
  return { made: joints.length - seats, seats, leakPoints: joints.length };
}

function countNipples(rows: readonly CutSheetRow[]): NippleTotal[] {
  const totals = new Map<string, NippleTotal>();
  for (const { piece, nipple } of rows) {
    if (nipple === null) continue;
    const key = `${piece.size} ${nipple}`;
    totals.set(key, { size: piece.size, length: nipple, count: (totals.get(key)?.count ?? 0) + 1 });
  }
  return [...totals.values()].sort((a, b) => rankSize(a.size) - rankSize(b.size) || a.length - b.length);
}
